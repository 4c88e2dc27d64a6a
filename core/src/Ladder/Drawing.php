<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

/** A ladder diagram in drawing units, origin top left. It is the same whatever the unit does; DrawnState says what it does. */
final readonly class Drawing
{
    /**
     * @param  list<DrawnTitle>  $titles
     * @param  list<DrawnRail>  $rails
     * @param  list<DrawnPoint>  $points
     * @param  list<DrawnSymbol>  $symbols
     * @param  list<DrawnConductor>  $conductors
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
