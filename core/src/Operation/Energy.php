<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

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

    case Dead = 'dead';

    /** Below this a conductor counts as dead, volts. [practice, no published source] */
    private const VOLTS = 2.0;

    /** An element that conducts better than this is metal, not a load, siemens. */
    public const METAL = 0.5;

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

    /** @return array<string, self> by point */
    public static function ofPoints(Settled $settled): array
    {
        $model = $settled->model;
        $earth = $model->topology->nodes;
        $neighbours = [];
        foreach ($model->topology->branches as $b => $branch) {
            if (! $branch->isCoupled() && ! $branch->injects && $settled->network->portAdmittances($b)[0] > self::METAL) {
                [$p, $q] = array_map(static fn (int $n): int => $n < 0 ? $earth : $n, $branch->nodes);
                $neighbours[$p][] = $q;
                $neighbours[$q][] = $p;
            }
        }
        $queue = [];
        foreach ($model->components as $component) {
            foreach ($component->sourceTerminals() as [$hot, $return]) {
                [$a, $b] = [$component->part->point($hot), $component->part->point($return)];
                if ($settled->between($a, $b)->abs() > self::VOLTS) {
                    array_push($queue, $model->node($a) < 0 ? $earth : $model->node($a), $model->node($b) < 0 ? $earth : $model->node($b));
                }
            }
        }
        $fed = array_fill_keys($queue, true);
        while ($queue !== []) {
            foreach ($neighbours[array_pop($queue)] ?? [] as $next) {
                if (! isset($fed[$next])) {
                    $fed[$next] = true;
                    $queue[] = $next;
                }
            }
        }
        $energy = [];
        foreach ($model->circuit->points() as $point) {
            $node = $model->node($point);
            $isFed = isset($fed[$node < 0 ? $earth : $node]);
            $hot = $settled->at($point)->abs() > self::VOLTS;
            $energy[$point] = match (true) {
                $isFed && $hot => self::Live,
                $isFed => self::Common,
                $hot => self::BackFed,
                default => self::Dead,
            };
        }

        return $energy;
    }
}
