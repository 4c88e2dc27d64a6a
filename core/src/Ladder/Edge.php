<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

use Levin\Core\Circuit\Wire;
use Levin\Core\Parts\Symbol;

/** A wire or a symbol between two points, on its way into the drawing. */
final readonly class Edge
{
    /** Between two points that a finger can tell apart, with a colour's name between them. */
    private const WIRE = 60.0;

    private const SYMBOL = 92.0;

    /** Between what is written of one thing and of the next. */
    private const AIR = 10.0;

    /**
     * @param  string  $key  unique among the edges
     * @param  string  $id  of the wire or the part
     * @param  Symbol|null  $symbol  null for a wire
     * @param  string  $colour  of a wire
     */
    private function __construct(
        public string $key,
        public string $id,
        public string $a,
        public string $b,
        public ?Symbol $symbol,
        public string $colour,
    ) {
    }

    public static function ofWire(Wire $wire): self
    {
        return new self("wire $wire->id", $wire->id, $wire->from, $wire->to, null, $wire->colour);
    }

    public static function ofSymbol(string $part, Symbol $symbol, string $a, string $b): self
    {
        return new self($symbol->key($part), $part, $a, $b, $symbol, '');
    }

    public function other(string $point): string
    {
        return $this->a === $point ? $this->b : $this->a;
    }

    /**
     * @param  list<self>  $edges  each going on where the one before it ends
     * @return non-empty-list<string> the points that they lead over; one more than there are edges
     */
    public static function along(string $start, array $edges): array
    {
        $points = [$start];
        foreach ($edges as $n => $edge) {
            $points[] = $edge->other($points[$n]);
        }

        return $points;
    }

    public function isSeries(): bool
    {
        return $this->symbol?->shape->isInSeries() ?? true;
    }

    /**
     * Least distance between its two points.
     *
     * @param  float  $left  half of what is written at its left point
     * @param  float  $right  the same of its right one
     * @param  string  $reference  what is written under a symbol
     */
    public function width(float $left, float $right, string $reference): float
    {
        if ($this->symbol === null) {
            return max(self::WIRE, Lettering::width($this->colour, TextRole::Colour) + 2 * self::AIR, $left + $right + self::AIR);
        }
        $above = Glyph::reach($this->symbol->shape) + max($left, $right) + self::AIR / 2;
        $texts = [
            // room for the tick of what is proved, on either side of the letters
            Lettering::width($this->id, TextRole::Part) + 4 * self::AIR,
            Lettering::width($this->symbol->caption, TextRole::Caption) + self::AIR,
            Lettering::width($reference, TextRole::Reference) + self::AIR,
        ];

        return max(self::SYMBOL, 2 * $above, ...$texts);
    }
}
