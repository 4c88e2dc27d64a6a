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

    /** @var array<int, string> the motor by whose speed the volts of a node go, by node */
    private array $by = [];

    /** @var array<string, string> what is seen of the parts of a healthy unit */
    private array $usual = [];

    #[\Override]
    public function __construct()
    {
    }

    public function worked(Settler $settler, Conditions $conditions): self
    {
        if ($this->off === []) {
            $usual = $settler->settle($conditions, Faults::none());
            $this->usual = $usual->allObserved();
            foreach ([1 - Scale::SUPPLY_VARIATION, 1 + Scale::SUPPLY_VARIATION] as $times) {
                $then = $settler->fed($times)->settle($conditions, Faults::none());
                // where something does another thing on such a day it is another story
                $this->off[] = $then->allObserved() === $this->usual ? self::offOf($usual, $then, $times) : [[], []];
            }
            $this->by = $this->motors($settler);
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

    /** @return array<int, string> by node, the motor one of whose terminals goes as it does */
    private function motors(Settler $settler): array
    {
        $ends = [];
        foreach ($settler->model->drifting as $id => $kind) {
            foreach ($kind->part->terminals as $terminal) {
                $ends[] = [$id, $settler->model->node($kind->part->point($terminal))];
            }
        }
        $by = [];
        foreach (array_keys($this->off[0][0] ?? []) as $node) {
            $nearest = INF;
            foreach (hypot(...$this->at($this->off[0], $node)) < self::LEAST ? [] : $ends as [$id, $end]) {
                $away = $this->apart($this->off[0], $node, $end);
                [$nearest, $by[$node]] = $away < $nearest ? [$away, $id] : [$nearest, $by[$node] ?? $id];
            }
        }

        return $by;
    }

    /**
     * Volts between two nodes; −1 is earth.
     *
     * @param  array<string, string>  $observed  what is seen of the parts: a motor that does another thing is not thought of
     */
    public function between(int $a, int $b, array $observed): float
    {
        $isUsual = fn (int $node): bool => isset($this->by[$node])
            && ($observed[$this->by[$node]] ?? '') === ($this->usual[$this->by[$node]] ?? '');
        [$a, $b] = [$isUsual($a) ? $a : -1, $isUsual($b) ? $b : -1];
        $most = 0.0;
        foreach ($a === $b ? [] : $this->off as $day) {
            $most = max($most, $this->apart($day, $a, $b));
        }

        return $most < self::LEAST ? 0.0 : $most;
    }

    /** @param  array{list<float>, list<float>}  $day */
    private function apart(array $day, int $a, int $b): float
    {
        [[$ar, $ai], [$br, $bi]] = [$this->at($day, $a), $this->at($day, $b)];

        return hypot($ar - $br, $ai - $bi);
    }

    /**
     * @param  array{list<float>, list<float>}  $day
     * @return array{float, float}
     */
    private function at(array $day, int $node): array
    {
        return [$day[0][$node] ?? 0.0, $day[1][$node] ?? 0.0];
    }
}
