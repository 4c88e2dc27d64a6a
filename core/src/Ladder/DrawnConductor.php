<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

/** A wire, or the lead of a symbol, as a path. */
final readonly class DrawnConductor
{
    /**
     * @param  string  $wire  empty for the lead of a symbol
     * @param  string  $from  the point at the beginning of the path
     * @param  string  $to  the point at its end; the same for a lead
     * @param  list<array{float, float}>  $path
     */
    public function __construct(public string $wire, public string $from, public string $to, public array $path)
    {
    }
}
