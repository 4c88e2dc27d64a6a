<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Circuit\Condition;

/** One thing that can be set, and how it is. */
final readonly class ConditionData extends Data
{
    /**
     * @param  string  $says  in words, as it is
     * @param  bool  $power  switching it off is part of making the unit dead
     * @param  string  $on  what it is called when on
     * @param  string  $off  and when off
     */
    private function __construct(
        public string $name,
        public string $label,
        public bool $value,
        public string $says,
        public bool $power,
        public string $on,
        public string $off,
    ) {
    }

    public static function of(Condition $condition, bool $value): self
    {
        return new self(
            $condition->name,
            $condition->label,
            $value,
            $value ? $condition->on : $condition->off,
            $condition->power,
            $condition->on,
            $condition->off,
        );
    }
}
