<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Api\Data;
use Levin\Core\Circuit\Wire;

/** A wire: its two ends, colour and gauge (AWG). */
final readonly class WireData extends Data
{
    private function __construct(public string $id, public string $from, public string $to, public string $colour, public int $gauge)
    {
    }

    public static function of(Wire $wire): self
    {
        return new self($wire->id, $wire->from, $wire->to, $wire->colour, $wire->gauge->value);
    }
}
