<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

/** A ladder diagram in drawing units, origin top left. It is the same whatever the unit does; DrawnState says what it does. */
final readonly class Drawing
{
    /**
     * @param  list<DrawnRail>  $rails
     * @param  list<DrawnPoint>  $points
     * @param  list<DrawnSymbol>  $symbols
     * @param  list<DrawnConductor>  $conductors
     * @param  list<DrawnText>  $texts
     * @param  list<array{float, float}>  $joints  where lines are joined that have no point there; others that cross are not
     */
    public function __construct(
        public float $width,
        public float $height,
        public array $rails,
        public array $points,
        public array $symbols,
        public array $conductors,
        public array $texts,
        public array $joints,
    ) {
    }

    /** @return list<string> parts and wires that are on it */
    public function drawn(): array
    {
        $wires = array_filter(array_column($this->conductors, 'wire'), static fn (string $wire): bool => $wire !== '');

        return array_values(array_unique([...array_column($this->symbols, 'part'), ...$wires]));
    }
}
