<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Circuit\Wire;

/** A point as one finds it on the unit. */
final readonly class Spot
{
    /**
     * A part by its name, a wire by its colour and its ends.
     *
     * @throws UnknownName
     */
    public static function target(Circuit $circuit, string $id): string
    {
        return isset($circuit->wires[$id]) ? self::wire($circuit, $id) : $circuit->part($id)->label;
    }

    /**
     * A wire by its colour and its ends.
     *
     * @throws UnknownName
     */
    public static function wire(Circuit $circuit, string $id): string
    {
        $wire = $circuit->wire($id);

        return "the $wire->colour wire $wire->from – $wire->to";
    }

    /**
     * Part, terminal, the colours that go there.
     *
     * @throws UnknownName
     */
    public static function words(Circuit $circuit, string $point): string
    {
        $part = $circuit->partAt($point);
        $colours = array_values(array_unique(array_map(static fn (Wire $w): string => $w->colour, $circuit->wiresAt($point))));

        return "$part->label $point".($colours === [] ? '' : ' ('.implode(', ', $colours).')');
    }
}
