<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

use Levin\Core\Circuit\Circuit;

/** A circuit rung by rung, as one SVG file as tall as its pages below each other: printed as large as it is, none lies over an edge. */
final readonly class SvgPages
{
    /** Around a page, and between two rungs, millimetres. */
    private const MARGIN = 6.0;

    private const BETWEEN = 4.0;

    /** Of the line above a rung, millimetres. */
    private const HEADING = 6.0;

    public function __construct(private Circuit $circuit, private PaperSize $paper)
    {
    }

    /** @param  list<Closeup>  $rungs */
    public function of(array $rungs): string
    {
        $bottom = $this->paper->height() - self::MARGIN;
        $pages = 1;
        $y = self::MARGIN;
        $drawn = [];
        foreach ($rungs as $rung) {
            $scale = $this->scale($rung);
            $height = self::HEADING + $scale * $rung->drawing->height;
            if ($y > self::MARGIN && $y + $height > $bottom) {
                $pages++;
                $y = self::MARGIN;
            }
            $drawn[] = $this->rung($rung, $scale, ($pages - 1) * $this->paper->height() + $y);
            $y += $height + self::BETWEEN;
        }

        return implode("\n", [
            sprintf(
                '<svg xmlns="http://www.w3.org/2000/svg" width="%1$gmm" height="%2$gmm" viewBox="0 0 %1$g %2$g" font-family="sans-serif">',
                $this->paper->width(),
                $pages * $this->paper->height(),
            ),
            '<rect width="100%" height="100%" fill="#fff"/>',
            ...$drawn,
            '</svg>',
        ])."\n";
    }

    /** Millimetres a drawing unit: all as large as each other, but for one that is wider or taller than a page. */
    private function scale(Closeup $rung): float
    {
        return min(
            ($this->paper->width() - 2 * self::MARGIN) / max(Svg::PAGE, $rung->drawing->width),
            ($this->paper->height() - 2 * self::MARGIN - self::HEADING) / $rung->drawing->height,
        );
    }

    private function rung(Closeup $rung, float $scale, float $y): string
    {
        return sprintf(
            '<g data-rung="%d" transform="translate(%g %g)"><text y="4" font-size="3.6" fill="#111">%s</text>'
                ."\n".'<g transform="translate(0 %g) scale(%g)">%s</g></g>',
            $rung->number,
            self::MARGIN,
            $y,
            htmlspecialchars("$rung->section · rung $rung->number", ENT_XML1 | ENT_QUOTES),
            self::HEADING,
            $scale,
            trim(Svg::rung($rung->drawing, $this->circuit)),
        );
    }
}
