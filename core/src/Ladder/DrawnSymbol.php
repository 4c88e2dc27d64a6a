<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

use Levin\Core\Parts\SymbolShape;

/** What stands on a rung for two points of a part: the left one at x1, the right one at x2. */
final readonly class DrawnSymbol
{
    /**
     * @param  string  $id  unique in the drawing
     * @param  string  $open  strokes as SVG path data about its middle, see Glyph; for what can open, as it is when open
     * @param  string  $closed  the same when closed
     */
    public function __construct(
        public string $id,
        public string $part,
        public SymbolShape $shape,
        public string $caption,
        public string $left,
        public string $right,
        public float $x1,
        public float $x2,
        public float $y,
        public string $open,
        public string $closed,
    ) {
    }
}
