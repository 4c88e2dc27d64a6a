<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Diagnosis\Check;

/** Something still to be looked for, or proved. */
final readonly class CheckData extends Data
{
    /**
     * @param  string  $target  part or wire
     * @param  list<string>  $labels  what may be wrong with it, or what it is
     * @param  string  $how  the test; empty where only eyes and hands tell
     * @param  string  $healthy  what a healthy one shows
     * @param  string|null  $looked  what came of it: ok, bad, cannot tell
     */
    private function __construct(
        public string $target,
        public array $labels,
        public string $how,
        public string $healthy,
        public ?string $looked,
    ) {
    }

    /** @param  array<string, string>  $looked  by target */
    public static function of(Check $check, array $looked): self
    {
        return new self($check->target, explode('; ', $check->label), $check->how, $check->healthy, $looked[$check->target] ?? null);
    }
}
