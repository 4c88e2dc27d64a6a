<?php

declare(strict_types=1);

namespace Levin\Core\Drafting;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Parts\Catalogue;

/** What a circuit can be told by from another one: the kinds of parts in it that one sees, and how many of each. */
final class Features
{
    /** What every unit has, or nobody looks for. */
    private const PLAIN = [
        'terminals', 'plug', 'resistor', 'fuse', 'switch-1p', 'breaker', 'breaker-1p', 'breaker-3p', 'disconnect', 'disconnect-3p',
        'transformer',
        'supply-single-phase', 'supply-split-phase', 'supply-wye', 'supply-delta',
    ];

    /** @return array<string, int> how many, by kind, in the order of the catalogue */
    public static function of(Circuit $circuit): array
    {
        $count = [];
        foreach ($circuit->parts as $part) {
            $count[$part->kind] = ($count[$part->kind] ?? 0) + 1;
        }

        return array_diff_key(
            array_replace(array_intersect_key(array_fill_keys(array_keys(Catalogue::classes()), 0), $count), $count),
            array_flip(self::PLAIN),
        );
    }

    /**
     * What to look for next, to tell some circuits apart: the kind that nearest to half of them have.
     *
     * @param  array<string, array<string, int>>  $circuits  features of each
     * @return string|null null where they are all alike
     */
    public static function toAsk(array $circuits): ?string
    {
        $have = [];
        foreach ($circuits as $features) {
            foreach (array_keys($features) as $kind) {
                $have[$kind] = ($have[$kind] ?? 0) + 1;
            }
        }
        $half = count($circuits) / 2;
        $best = null;
        foreach ($have as $kind => $n) {
            $isSplit = $n < count($circuits);
            $best = $isSplit && ($best === null || abs($n - $half) < abs($have[$best] - $half)) ? $kind : $best;
        }

        return $best;
    }

    /** What it is called: its kind in words. */
    public static function words(string $kind): string
    {
        return Catalogue::definition($kind)->title ?? $kind;
    }
}
