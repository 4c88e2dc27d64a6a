<?php

declare(strict_types=1);

namespace App\Shop;

use App\Api\Data;
use Levin\Core\Checks\Bench\Habit;

/** Something where careful people differ, and what this shop does. */
final readonly class HabitData extends Data
{
    /**
     * @param  list<string>  $choices  the usual one first
     * @param  string  $why  the usual one is that
     * @param  string  $acts  where it does
     */
    private function __construct(
        public string $habit,
        public array $choices,
        public string $chosen,
        public string $why,
        public string $acts,
    ) {
    }

    public static function of(Habit $habit, string $chosen): self
    {
        return new self($habit->value, $habit->choices(), $chosen, $habit->why(), $habit->acts());
    }
}
