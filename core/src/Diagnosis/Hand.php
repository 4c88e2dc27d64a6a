<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Meter\MeterFunction;

/** Whoever carries a test out: someone at the unit, or a unit that is made up. */
interface Hand
{
    /** What is seen of a part. */
    public function look(string $part): string;

    /** @return float|null SI; null for OL */
    public function measure(MeterFunction $function, string $red, string $black): ?float;
}
