<?php

declare(strict_types=1);

namespace App\Circuits;

/** What the circuit of a single unit is called, whose parts are no longer those of the circuit that it had. */
final readonly class OwnCircuit
{
    private function __construct(public string $id, public string $base)
    {
    }

    /** @param  string  $circuit  that the unit has now, which may be its own already */
    public static function of(string $circuit, int $unit): self
    {
        $end = "-unit-$unit";
        $base = str_ends_with($circuit, $end) ? substr($circuit, 0, -strlen($end)) : $circuit;

        return new self($base.$end, $base);
    }
}
