<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;

/** A rung as it was said, and for what unit. */
final readonly class QuickInput extends Data
{
    /**
     * @param  string  $words  what lies on it, in order
     * @param  float  $volts  that the load should get
     * @param  float  $line  volts that feed the control transformer, of a 24 V rung
     * @param  int|null  $unit  at which it was traced; a new one where none is given
     * @param  string|null  $name  of a new unit
     * @param  string|null  $complaint  in the customer's words
     */
    public function __construct(
        public string $words,
        public float $volts,
        public float $line = 240.0,
        public ?int $unit = null,
        public ?string $name = null,
        public ?string $complaint = null,
    ) {
    }
}
