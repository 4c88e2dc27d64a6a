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
     */
    public function __construct(
        private Drawing $drawing,
        private Circuit $circuit,
        private float $top,
        private float $bottom,
        private array $marked = [],
    ) {
    }

    public function svg(): string
    {
        $head = sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %1$g %2$g" width="%1$g" height="%2$g" font-family="sans-serif" '
                .'fill="none" stroke="#111" stroke-width="1.6">',
            $this->drawing->width,
            $this->bottom - $this->top,
        );

        return implode("\n", array_filter([
            $head,
            '<title>'.self::text($this->circuit->title).'</title><rect width="100%" height="100%" fill="#fff" stroke="none"/>',
            sprintf('<g transform="translate(0 %g)">', -$this->top),
            ...array_map($this->title(...), $this->drawing->titles),
            ...array_map($this->rail(...), $this->drawing->rails),
            ...array_map($this->conductor(...), $this->drawing->conductors),
            ...array_map($this->symbol(...), $this->drawing->symbols),
            ...array_map($this->point(...), $this->drawing->points),
            '</g>',
            '</svg>',
        ]))."\n";
    }

    private function title(DrawnTitle $title): string
    {
        return $this->isIn($title->y) ? sprintf(
            '<text x="20" y="%g" font-size="15" font-weight="bold" fill="#111" stroke="none">%s</text>',
            $title->y,
            self::text($title->title),
        ) : '';
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
        $x = ($symbol->x1 + $symbol->x2) / 2;
        $mark = in_array($symbol->part, $this->marked, true)
            ? sprintf(self::MARKED_PART, $symbol->x1, $symbol->y - 22, $symbol->x2 - $symbol->x1)
            : '';

        return $mark.sprintf('<path transform="translate(%g %g)" d="%s"/>', $x, $symbol->y, $symbol->closed).sprintf(
            '<text x="%g" y="%g" font-size="12" text-anchor="middle" fill="#111" stroke="none">%s</text>',
            $x,
            $symbol->y - 26,
            self::text(trim("$symbol->part $symbol->caption")),
        );
    }

    private function point(DrawnPoint $point): string
    {
        return $this->isIn($point->y) ? sprintf(
            '<circle cx="%1$g" cy="%2$g" r="3.5" fill="#111"/><text x="%1$g" y="%3$g" font-size="10" text-anchor="middle" '
                .'fill="#111" stroke="none">%4$s</text>',
            $point->x,
            $point->y,
            $point->y + 16,
            self::text($point->point),
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
