<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Api\Data;
use Levin\Core\Operation\SequenceStep;

/** Something that a healthy unit does, at a time. */
final readonly class SequenceStepData extends Data
{
    /**
     * @param  float  $at  seconds since power and call came on
     * @param  string  $does  as it is observed from then on
     */
    private function __construct(public float $at, public string $part, public string $label, public string $does)
    {
    }

    public static function of(SequenceStep $step): self
    {
        return new self($step->at, $step->part, $step->label, $step->does);
    }
}
