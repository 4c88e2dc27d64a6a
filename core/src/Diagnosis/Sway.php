<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Operation\Settled;
use Levin\Core\Operation\Settler;
use Levin\Core\Parts\Faults;

/**
 * How far the volts of a healthy unit lie off, on a day of low or high supply, from what they would be in proportion to it: a motor that
 * turns slower has other volts on its start winding, and what lies between that and a leg is a small difference of two large ones.
 */
final class Sway implements Page
{
    use Growing;

    /** Less is no more than what wires and leads drop, volts. */
    private const LEAST = 0.5;

    /** @var list<array{list<float>, list<float>}> on a low and on a high day, by node: volts off, real and imaginary */
    private array $off = [];

    #[\Override]
    public function __construct()
    {
    }

    public function worked(Settler $settler, Conditions $conditions): self
    {
        if ($this->off === []) {
            $usual = $settler->settle($conditions, Faults::none());
            foreach ([1 - Likelihood::SUPPLY_VARIATION, 1 + Likelihood::SUPPLY_VARIATION] as $times) {
                $then = $settler->fed($times)->settle($conditions, Faults::none());
                // where something does another thing on such a day it is another story
                $this->off[] = $then->allObserved() === $usual->allObserved() ? self::offOf($usual, $then, $times) : [[], []];
            }
            $this->hasGrown = true;
        }

        return $this;
    }

    /** @return array{list<float>, list<float>} */
    private static function offOf(Settled $usual, Settled $then, float $times): array
    {
        $off = static fn (float $is, float $was): float => $is - $times * $was;

        return [array_map($off, $then->re, $usual->re), array_map($off, $then->im, $usual->im)];
    }

    /** Volts between two nodes; -1 is earth. */
    public function between(int $a, int $b): float
    {
        $most = 0.0;
        foreach ($this->off as [$re, $im]) {
            $most = max($most, hypot(($re[$a] ?? 0.0) - ($re[$b] ?? 0.0), ($im[$a] ?? 0.0) - ($im[$b] ?? 0.0)));
        }

        return $most < self::LEAST ? 0.0 : $most;
    }
}
