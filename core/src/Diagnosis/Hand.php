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

    /** @return list<string> all that is seen of a part while the unit has been on for some seconds, in the order its kind names them */
    public function watch(string $part, float $seconds): array;

    /** The most volts between two points that stand while the unit has been on for some seconds. */
    public function peak(string $red, string $black, float $seconds): float;
}
