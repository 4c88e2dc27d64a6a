<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

use Levin\Core\Circuit\Wire;
use Levin\Core\Operation\Energy;
use Levin\Core\Operation\Settled;

/** How a wire stands. */
final readonly class WireState
{
    /**
     * @param  Energy  $energy  what a careful person must assume of its whole length
     * @param  bool  $whole  false for a wire that is lifted or does not conduct
     */
    private function __construct(public string $wire, public Energy $energy, public bool $whole)
    {
    }

    /** @param  array<string, Energy>  $energy  by point */
    public static function of(Wire $wire, Settled $settled, array $energy): self
    {
        // a lifted wire hangs on its second end; of a broken one nobody knows where it is broken
        $hangs = $settled->conditions->hasLifted($wire->id);
        $stands = $hangs ? $energy[$wire->to] : $energy[$wire->from]->orWorse($energy[$wire->to]);

        return new self($wire->id, $stands, $settled->conducts($wire->id, $wire->from, $wire->to));
    }
}
