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
