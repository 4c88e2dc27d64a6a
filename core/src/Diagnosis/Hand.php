<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Meter\Clamped;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Parts\Sign;

/** Whoever carries a test out: someone at the unit, or a unit that is made up. */
interface Hand
{
    /** What is seen of a part. */
    public function look(string $part): string;

    /** @return float|null SI; null for OL */
    public function measure(MeterFunction $function, string $red, string $black): ?float;

    /**
     * @param  non-empty-list<Clamped>  $wires
     * @return float|null as displayed, amperes; null for OL
     */
    public function clamp(array $wires, int $turns): ?float;

    /** @return float|null amperes; null for OL */
    public function inSeries(string $wire): ?float;

    /** What is seen of a part once it does something else than now, or when the time is up. */
    public function await(string $part, float $seconds): string;

    /** In the quantity's unit. */
    public function gauge(string $quantity): float;

    /** What hands and nose find at a part or wire, of the same sort as this sign. */
    public function feel(string $target, Sign $sort): Sign;

    /** How fast a part opens after it has been put in: a word of Tripped. */
    public function opensAfter(string $part): string;

    /** @return list<string> all that is seen of a part while the unit has been on for some seconds, in the order its kind names them */
    public function watch(string $part, float $seconds): array;

    /** The most microamperes d.c. in series with a wire while the unit has been on for some seconds, SI. */
    public function mostInSeries(string $wire, float $seconds): ?float;

    /** The most volts of either sort between two points that stand while the unit has been on for some seconds. */
    public function peak(MeterFunction $volts, string $red, string $black, float $seconds): float;
}
