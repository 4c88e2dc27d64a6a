<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Meter\MeterFunction;

/** What a meter showed on two points. */
final readonly class Reading implements Evidence
{
    /** @param  float|null  $value SI; null when the display showed OL */
    public function __construct(
        public MeterFunction $function,
        public string $red,
        public string $black,
        public ?float $value,
        private Conditions $conditions,
    ) {
    }

    #[\Override]
    public function conditions(): Conditions
    {
        return $this->conditions;
    }
}
