<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

use Levin\Core\Circuit\Circuit;

/** The drawing as an SVG file: ink on paper, every point and part named, every wire with its id as title. */
final class Svg
{
    public static function of(Drawing $drawing, Circuit $circuit): string
    {
        $text = static fn (string $s): string => htmlspecialchars($s, ENT_XML1 | ENT_QUOTES);
        $out = [
            sprintf(
                '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %g %g" font-family="sans-serif" fill="none" stroke="#111" '
                    .'stroke-width="1.6">',
                $drawing->width,
                $drawing->height,
            ),
        ];
        $out[] = '<title>'.$text($circuit->title).'</title><rect width="100%" height="100%" fill="#fff" stroke="none"/>';
        foreach ($drawing->titles as $title) {
            $out[] = sprintf(
                '<text x="20" y="%g" font-size="15" font-weight="bold" fill="#111" stroke="none">%s</text>',
                $title->y,
                $text($title->title),
            );
        }
        foreach ($drawing->rails as $rail) {
            $out[] = sprintf('<path d="M%g %gV%g" stroke-width="3"/>', $rail->x, $rail->y1, $rail->y2);
        }
        foreach ($drawing->conductors as $c) {
            $wire = $circuit->wires[$c->wire] ?? null;
            $title = $wire === null
                ? ''
                : '<title>'.$text("$wire->id $wire->colour {$wire->gauge->value} AWG, $wire->from to $wire->to").'</title>';
            $out[] = '<g>'.$title.'<path d="M'.implode('L', array_map(static fn (array $p): string => "$p[0] $p[1]", $c->path)).'"/></g>';
        }
        foreach ($drawing->symbols as $s) {
            $x = ($s->x1 + $s->x2) / 2;
            $out[] = sprintf('<path transform="translate(%g %g)" d="%s"/>', $x, $s->y, $s->closed);
            $out[] = sprintf(
                '<text x="%g" y="%g" font-size="12" text-anchor="middle" fill="#111" stroke="none">%s</text>',
                $x,
                $s->y - 26,
                $text(trim($s->part.' '.$s->caption)),
            );
        }
        foreach ($drawing->points as $p) {
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

        return implode("\n", [...$out, '</svg>', '']);
    }
}
