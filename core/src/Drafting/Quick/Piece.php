<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Quick;

/** One thing on a rung as it was said. */
final readonly class Piece
{
    /**
     * @param  string  $id  as the circuit will have it
     * @param  string  $kind  of the part
     * @param  string  $colour  of the wire that comes to it
     */
    public function __construct(
        public string $id,
        public string $kind,
        public string $label,
        public Spot $spot,
        public string $colour,
    ) {
    }
}
