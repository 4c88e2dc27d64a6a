<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

use Levin\Core\Circuit\Circuit;

/** The drawing as an SVG file: ink on paper, every point and part named, every wire with its id as title. */
final class Svg
{
    private const MARKED_WIRE = '<path d="M%s" stroke="#ffd23f" stroke-width="14"/>';

    private const MARKED_PART = '<rect x="%g" y="%g" width="%g" height="44" fill="#ffd23f" stroke="#111" stroke-width="2.4"/>';

    /** What hangs above and below a rung: captions, names of points. Drawing units. */
    private const ABOVE = 46.0;

    private const BELOW = 26.0;

    /** No branch hangs lower than that from its rung. */
    private const BRANCH = 300.0;

    public static function of(Drawing $drawing, Circuit $circuit): string
    {
        return self::band($drawing, $circuit, 0.0, $drawing->height, []);
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

        return array_map(static fn (array $band): string => self::band($drawing, $circuit, $band[0], $band[1], $marked), $bands);
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

    /**
     * @param  float  $top  drawing units
     * @param  list<string>  $marked  parts and wires
     */
    private static function band(Drawing $drawing, Circuit $circuit, float $top, float $bottom, array $marked): string
    {
        $isIn = static fn (float $y): bool => $y >= $top && $y <= $bottom;
        $text = static fn (string $s): string => htmlspecialchars($s, ENT_XML1 | ENT_QUOTES);
        $out = [
            sprintf(
                '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %1$g %2$g" width="%1$g" height="%2$g" font-family="sans-serif" '
                    .'fill="none" stroke="#111" stroke-width="1.6">',
                $drawing->width,
                $bottom - $top,
            ),
        ];
        $out[] = '<title>'.$text($circuit->title).'</title><rect width="100%" height="100%" fill="#fff" stroke="none"/>';
        $out[] = sprintf('<g transform="translate(0 %g)">', -$top);
        foreach (array_filter($drawing->titles, static fn (DrawnTitle $t): bool => $isIn($t->y)) as $title) {
            $out[] = sprintf(
                '<text x="20" y="%g" font-size="15" font-weight="bold" fill="#111" stroke="none">%s</text>',
                $title->y,
                $text($title->title),
            );
        }
        foreach ($drawing->rails as $rail) {
            [$from, $to] = [max($top, $rail->y1), min($bottom, $rail->y2)];
            $out[] = $from >= $to ? '' : sprintf('<path d="M%g %gV%g" stroke-width="3"/>', $rail->x, $from, $to);
        }
        foreach ($drawing->conductors as $c) {
            if (array_filter($c->path, static fn (array $p): bool => $isIn($p[1])) === []) {
                continue;
            }
            $wire = $circuit->wires[$c->wire] ?? null;
            $title = $wire === null
                ? ''
                : '<title>'.$text("$wire->id $wire->colour {$wire->gauge->value} AWG, $wire->from to $wire->to").'</title>';
            // paths run across and down: what leaves the band ends at its edge
            $path = implode('L', array_map(
                static fn (array $p): string => sprintf('%g %g', $p[0], min($bottom, max($top, $p[1]))),
                $c->path,
            ));
            $mark = in_array($c->wire, $marked, true) ? sprintf(self::MARKED_WIRE, $path) : '';
            $out[] = "<g>$title$mark<path d=\"M$path\"/></g>";
        }
        foreach (array_filter($drawing->symbols, static fn (DrawnSymbol $s): bool => $isIn($s->y)) as $s) {
            $x = ($s->x1 + $s->x2) / 2;
            $out[] = in_array($s->part, $marked, true) ? sprintf(self::MARKED_PART, $s->x1, $s->y - 22, $s->x2 - $s->x1) : '';
            $out[] = sprintf('<path transform="translate(%g %g)" d="%s"/>', $x, $s->y, $s->closed);
            $out[] = sprintf(
                '<text x="%g" y="%g" font-size="12" text-anchor="middle" fill="#111" stroke="none">%s</text>',
                $x,
                $s->y - 26,
                $text(trim($s->part.' '.$s->caption)),
            );
        }
        foreach (array_filter($drawing->points, static fn (DrawnPoint $p): bool => $isIn($p->y)) as $p) {
            $out[] = sprintf(
                '<circle cx="%g" cy="%g" r="3.5" fill="#111"/><text x="%g" y="%g" font-size="10" text-anchor="middle" '
                    .'fill="#111" stroke="none">%s</text>',
                $p->x,
                $p->y,
                $p->x,
                $p->y + 16,
                $text($p->point),
            );
        }

        return implode("\n", [...array_filter($out), '</g>', '</svg>', '']);
    }
}
