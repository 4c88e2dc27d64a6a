<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Network\Graph;

/**
 * How a conductor stands: what a careful person must assume of it.
 */
enum Energy: string
{
    /** joined to a source by metal alone, and at a voltage to earth */
    case Live = 'live';

    /** joined to a source by metal alone, at earth's potential: the return */
    case Common = 'common';

    /** at a voltage only through a load, a winding or a heater: it reads, but it feeds nothing */
    case BackFed = 'backfed';

    /** at a voltage only by stray capacitance: a meter of ten megohms reads it, one of low impedance nothing */
    case Ghost = 'ghost';

    case Dead = 'dead';

    /** Below this a conductor counts as dead, volts. [practice, no published source] */
    private const VOLTS = 2.0;

    /** Volts d.c. that are drawn; they harm nobody, and are not live where that matters. [practice, no published source] */
    private const DRAWN_DIRECT = 0.05;

    /** What conducts less holds nothing together, siemens. [practice, no published source] */
    private const JOINED = 1e-6;

    /** Of two, the one to be warier of. */
    public function orWorse(self $other): self
    {
        foreach ([self::Live, self::BackFed, self::Common, self::Ghost] as $worst) {
            if ($this === $worst || $other === $worst) {
                return $worst;
            }
        }

        return self::Dead;
    }

    /** The most volts between any two conductors that are live or common. */
    public static function highest(Settled $settled): float
    {
        $joined = array_keys(array_filter(self::ofPoints($settled), static fn (self $e): bool => $e === self::Live || $e === self::Common));
        $most = 0.0;
        foreach ($joined as $n => $a) {
            foreach (array_slice($joined, 0, $n) as $b) {
                $most = max($most, $settled->between($a, $b)->abs());
            }
        }

        return $most;
    }

    /** @return array<string, self> by point, with what a pilot feeds told as live too */
    public static function drawn(Settled $settled): array
    {
        $energy = self::ofPoints($settled);
        $model = $settled->model;
        if ($model->direct === []) {
            return $energy;
        }
        [, $re] = (new Networks($model))->direct($settled->conditions, $settled->states, $settled->faults);
        $at = static fn (string $point): float => $re[$model->node($point)] ?? 0.0;
        foreach ($model->direct as $point => $return) {
            if (abs($at($point) - $at($return)) > self::DRAWN_DIRECT) {
                [$energy[$point], $fed[$return]] = [self::Live, true];
            }
        }
        foreach ($model->direct as $point => $return) {
            if (isset($fed[$return]) && $energy[$point] === self::Dead && abs($at($point) - $at($return)) < self::DRAWN_DIRECT / 10) {
                $energy[$point] = self::Common;
            }
        }

        return $energy;
    }

    /** @return array<string, self> by point */
    public static function ofPoints(Settled $settled): array
    {
        $model = $settled->model;
        $metal = new Graph;
        foreach ($model->topology->branches as $b => $branch) {
            if (! $branch->isCoupled() && ! $branch->injects && $settled->network->portAdmittances($b)[0] > Settled::METAL) {
                $metal->join($branch->nodes[0], $branch->nodes[1], $b);
            }
        }
        $sources = [];
        foreach ($model->parts as $component) {
            foreach ($component->sourceTerminals() as [$hot, $return]) {
                [$a, $b] = [$component->part->point($hot), $component->part->point($return)];
                if ($settled->between($a, $b)->abs() > self::VOLTS) {
                    array_push($sources, $model->node($a), $model->node($b));
                }
            }
        }
        $fed = $metal->reached($sources);
        // what hangs together with nothing that is fed, nor with earth
        [$pieces] = $settled->network->pieces(self::JOINED);
        $held = [0 => true] + array_flip(array_map(static fn (int $node): int => $pieces[$node] ?? 0, array_keys($fed)));
        $energy = [];
        foreach ($model->circuit->points() as $point) {
            $node = $model->node($point);
            $isFed = isset($fed[$node]);
            $hot = $settled->at($point)->abs() > self::VOLTS;
            $energy[$point] = match (true) {
                $isFed && $hot => self::Live,
                $isFed => self::Common,
                $hot && isset($held[$pieces[$node] ?? 0]) => self::BackFed,
                $hot => self::Ghost,
                default => self::Dead,
            };
        }

        return $energy;
    }
}
