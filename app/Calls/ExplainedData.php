<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Diagnosis\Explained;

/** What a suspect says to one test. */
final readonly class ExplainedData extends Data
{
    /**
     * @param  string  $would  what it would show if this were so
     * @param  bool|null  $fits  whether what was learned is explained by it; null for what has not been made
     */
    private function __construct(public string $test, public string $would, public ?bool $fits)
    {
    }

    public static function of(Explained $explained): self
    {
        return new self($explained->test, $explained->would, $explained->fits);
    }
}
