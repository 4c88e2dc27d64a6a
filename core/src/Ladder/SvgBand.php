<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

use Levin\Core\Circuit\Circuit;

/** What lies between two heights of a drawing, as an SVG file of its own. */
final readonly class SvgBand
{
    private const MARKED_WIRE = '<path d="M%s" stroke="#ffd23f" stroke-width="14"/>';

    private const MARKED_PART = '<rect x="%g" y="%g" width="%g" height="44" fill="#ffd23f" stroke="#111" stroke-width="2.4"/>';

    /**
     * @param  float  $top  drawing units
     * @param  float  $bottom  the same
     * @param  list<string>  $marked  parts and wires
     * @param  float  $least  width of the picture, where the drawing is no wider
     */
    public function __construct(
        private Drawing $drawing,
        private Circuit $circuit,
        private float $top,
        private float $bottom,
        private array $marked = [],
        private float $least = 0.0,
    ) {
    }

    public function svg(): string
    {
        $head = sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %1$g %2$g" width="%1$g" height="%2$g" font-family="sans-serif" '
                .'fill="none" stroke="#111" stroke-width="1.6">',
            max($this->least, $this->drawing->width),
            $this->bottom - $this->top,
        );

        return implode("\n", array_filter([
            $head,
            '<title>'.self::text($this->circuit->title).'</title><rect width="100%" height="100%" fill="#fff" stroke="none"/>',
            sprintf('<g transform="translate(0 %g)">', -$this->top),
            ...array_map($this->rail(...), $this->drawing->rails),
            ...array_map($this->conductor(...), $this->drawing->conductors),
            ...array_map($this->symbol(...), $this->drawing->symbols),
            ...array_map($this->joint(...), $this->drawing->joints),
            ...array_map($this->point(...), $this->drawing->points),
            ...array_map($this->words(...), $this->drawing->texts),
            '</g>',
            '</svg>',
        ]))."\n";
    }

    private function rail(DrawnRail $rail): string
    {
        [$from, $to] = [max($this->top, $rail->y1), min($this->bottom, $rail->y2)];

        return $from < $to ? sprintf('<path d="M%g %gV%g" stroke-width="3"/>', $rail->x, $from, $to) : '';
    }

    private function conductor(DrawnConductor $conductor): string
    {
        if (array_filter($conductor->path, fn (array $p): bool => $this->isIn($p[1])) === []) {
            return '';
        }
        $wire = $this->circuit->wires[$conductor->wire] ?? null;
        $title = $wire === null
            ? ''
            : '<title>'.self::text("$wire->id $wire->colour {$wire->gauge->value} AWG, $wire->from to $wire->to").'</title>';
        // paths run across and down: what leaves the band ends at its edge
        $path = implode('L', array_map(
            fn (array $p): string => sprintf('%g %g', $p[0], min($this->bottom, max($this->top, $p[1]))),
            $conductor->path,
        ));
        $mark = in_array($conductor->wire, $this->marked, true) ? sprintf(self::MARKED_WIRE, $path) : '';

        return "<g>$title$mark<path d=\"M$path\"/></g>";
    }

    private function symbol(DrawnSymbol $symbol): string
    {
        if (! $this->isIn($symbol->y)) {
            return '';
        }
        $mark = in_array($symbol->part, $this->marked, true)
            ? sprintf(self::MARKED_PART, $symbol->x - Glyph::LEAD, $symbol->y - 22, 2 * Glyph::LEAD)
            : '';

        return $mark.sprintf('<path transform="translate(%g %g)" d="%s"/>', $symbol->x, $symbol->y, $symbol->closed);
    }

    /** @param  array{float, float}  $joint */
    private function joint(array $joint): string
    {
        return $this->isIn($joint[1]) ? sprintf('<circle cx="%g" cy="%g" r="3" fill="#111"/>', ...$joint) : '';
    }

    private function point(DrawnPoint $point): string
    {
        return $this->isIn($point->y) ? sprintf(
            '<circle cx="%g" cy="%g" r="3.5" fill="%s"/>',
            $point->x,
            $point->y,
            $point->flag ? '#fff' : '#111',
        ) : '';
    }

    private function words(DrawnText $text): string
    {
        return $this->isIn($text->y) && $text->text !== '' ? sprintf(
            '<text x="%g" y="%g" font-size="%g" text-anchor="middle" fill="#111" stroke="none"%s%s>%s</text>',
            $text->x,
            $text->y,
            $text->size,
            $text->role->isMono() ? ' font-family="monospace"' : '',
            in_array($text->role, [TextRole::Part, TextRole::Title], true) ? ' font-weight="bold"' : '',
            self::text($text->text),
        ) : '';
    }

    private function isIn(float $y): bool
    {
        return $y >= $this->top && $y <= $this->bottom;
    }

    private static function text(string $words): string
    {
        return htmlspecialchars($words, ENT_XML1 | ENT_QUOTES);
    }
}
