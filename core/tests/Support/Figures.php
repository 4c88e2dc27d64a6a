<?php

declare(strict_types=1);

namespace Levin\Core\Tests\Support;

use Levin\Core\Checks\Bench\Figure;
use Levin\Core\Checks\Bench\Judgement;

/** The numbers behind a judgement. */
final class Figures
{
    /** SI of the one with this label. */
    public static function of(Judgement $judgement, string $label): ?float
    {
        foreach ($judgement->figures as $figure) {
            if ($figure->label === $label) {
                return $figure->value;
            }
        }
        $there = array_map(static fn (Figure $f): string => $f->label, $judgement->figures);
        throw new \LogicException("There is no figure \"$label\": ".implode(', ', $there));
    }
}
