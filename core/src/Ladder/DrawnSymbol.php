<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

use Levin\Core\Parts\SymbolShape;

/** What stands on a rung for two terminals of a part, or at the end of three lines for three. */
final readonly class DrawnSymbol
{
    /**
     * @param  string  $id  the same wherever it is drawn, see SymbolState
     * @param  list<string>  $ends  points, from left to right or from the first line to the third
     * @param  float  $x  of its middle
     * @param  float  $width  of what belongs to it alone, its texts included
     * @param  array{float, float}  $said  middle and baseline of what is said of its state, where the drawing has room for it
     * @param  string  $open  strokes as SVG path data about its middle, see Glyph; for what can open, as it is when open
     * @param  string  $closed  the same when closed
     */
    public function __construct(
        public string $id,
        public string $part,
        public SymbolShape $shape,
        public array $ends,
        public float $x,
        public float $y,
        public float $width,
        public array $said,
        public string $open,
        public string $closed,
    ) {
    }
}
