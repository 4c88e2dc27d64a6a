<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

use Levin\Core\Circuit\Circuit;

/** The drawing as an SVG file: ink on paper, every point and part named, every wire with its id as title. */
final class Svg
{
    /** What hangs above and below a rung: captions, names of points. Drawing units. */
    private const ABOVE = 46.0;

    private const BELOW = 26.0;

    /** No branch hangs lower than that from its rung. */
    private const BRANCH = 300.0;

    public static function of(Drawing $drawing, Circuit $circuit): string
    {
        return (new SvgBand($drawing, $circuit, 0.0, $drawing->height))->svg();
    }

    /**
     * The rungs of what was found, from rail to rail, with it marked.
     *
     * @param  list<string>  $marked  parts and wires
     * @return list<string> one file a rung with its branches, each once; none where nothing of it is drawn
     */
    public static function rungs(Drawing $drawing, Circuit $circuit, array $marked): array
    {
        $rows = [];
        foreach ($marked as $id) {
            $own = array_filter($drawing->symbols, static fn (DrawnSymbol $s): bool => $s->part === $id);
            foreach ($own as $symbol) {
                $rows[] = $symbol->y;
            }
            foreach ($own === [] ? $drawing->conductors : [] as $conductor) {
                // where it runs along a rung, or else where it begins
                $rows = $conductor->wire === $id ? [...$rows, $conductor->path[count($conductor->path) - 1][1]] : $rows;
            }
        }
        $bands = [];
        sort($rows);
        foreach ($rows as $y) {
            $top = self::hangsFrom($drawing, $y) - self::ABOVE;
            $last = end($bands);
            $bands = $last !== false && $top <= $last[1]
                ? [...array_slice($bands, 0, -1), [min($top, $last[0]), max($y + self::BELOW, $last[1])]]
                : [...$bands, [$top, $y + self::BELOW]];
        }

        return array_map(static fn (array $band): string => (new SvgBand($drawing, $circuit, $band[0], $band[1], $marked))->svg(), $bands);
    }

    /** Where the rung begins that a branch at some height hangs from: its own height, where it is no branch. */
    private static function hangsFrom(Drawing $drawing, float $y): float
    {
        $top = $y;
        $rails = array_map(static fn (DrawnRail $r): float => $r->x, $drawing->rails);
        foreach ($drawing->conductors as $conductor) {
            // what goes along a rail is fed by it, and hangs from nothing
            $isOnRail = array_intersect(array_column($conductor->path, 0), $rails) !== [];
            $heights = $isOnRail ? [] : array_column($conductor->path, 1);
            $isOwn = $heights !== [] && max($heights) >= $y - 1.0 && min($heights) <= $y + 1.0;
            $top = $isOwn && $y - min($heights) <= self::BRANCH ? min($top, ...$heights) : $top;
        }

        return $top;
    }
}
