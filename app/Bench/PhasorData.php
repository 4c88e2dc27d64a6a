<?php

declare(strict_types=1);

namespace App\Bench;

use App\Api\Data;
use Levin\Core\Checks\Bench\Phasor;

/** One voltage of a picture. */
final readonly class PhasorData extends Data
{
    /** @param  float  $degrees  from the right, against the clock */
    private function __construct(public string $name, public float $volts, public float $degrees, public bool $isOdd)
    {
    }

    public static function of(Phasor $phasor): self
    {
        return new self($phasor->name, $phasor->volts, $phasor->degrees, $phasor->isOdd);
    }
}
