<?php

declare(strict_types=1);

namespace Levin\Core\Drafting;

use Levin\Core\Circuit\Part;
use Levin\Core\Parts\Catalogue;
use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Kind;

/** An ordinary part of a kind, to ask it what all of its kind have. */
final class Sample
{
    public static function of(Definition $kind): Kind
    {
        $plate = [];
        foreach ($kind->fields as $field) {
            $plate[$field->name] = $kind->usual[$field->name] ?? $field->default ?? $field->minimum;
        }

        return Catalogue::component(new Part('X', $kind->kind, '', '', $plate, $kind->terminals, ''));
    }

    /** Whether it passes current on and takes none itself. */
    public static function isInSeries(string $kind): bool
    {
        $definition = Catalogue::definition($kind);
        // what a strip, a plug or a board joins is in its file
        if ($definition === null || $definition->terminals === []) {
            return true;
        }
        foreach (self::of($definition)->symbols() as $symbol) {
            if ($symbol->shape->isInSeries()) {
                return true;
            }
        }

        return false;
    }
}
