<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Api\Data;
use Levin\Core\Circuit\Wire;

/** A wire: its two ends, colour, gauge (AWG), and the cable or loom that it runs in, if any. */
final readonly class WireData extends Data
{
    private function __construct(
        public string $id,
        public string $from,
        public string $to,
        public string $colour,
        public int $gauge,
        public string $bundle,
    ) {
    }

    public static function of(Wire $wire): self
    {
        return new self($wire->id, $wire->from, $wire->to, $wire->colour, $wire->gauge->value, $wire->bundle);
    }
}
