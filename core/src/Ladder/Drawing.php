<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

/** A ladder diagram in drawing units, origin top left. */
final readonly class Drawing
{
    /**
     * @param  list<array{title: string, y: float}>  $titles
     * @param  list<array{point: string, x: float, y1: float, y2: float}>  $rails
     * @param  list<array{point: string, x: float, y: float}>  $points
     * @param  list<array{part: string, shape: string, caption: string, left: string, right: string, x1: float, x2: float, y: float, open: string, closed: string}>  $symbols  left is at x1; open and closed are SVG strokes, see Glyph
     * @param  list<array{wire: string, from: string, to: string, path: list<array{float, float}>}>  $conductors  wire is empty for the lead of a symbol
     */
    public function __construct(
        public float $width,
        public float $height,
        public array $titles,
        public array $rails,
        public array $points,
        public array $symbols,
        public array $conductors,
    ) {
    }
}
