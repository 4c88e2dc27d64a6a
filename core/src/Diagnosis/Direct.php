<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\UnknownName;
use Levin\Core\Meter\Meter;
use Levin\Core\Network\Factorisation;

/**
 * What every variant shows to direct current: volts between two points, and what flows in a wire, as a flame's does. Without their signs:
 * the leads may be either way round.
 */
final class Direct
{
    /** Networks to direct current kept at once: each is some kilobytes. */
    private const NETWORKS = 300;

    /** @var array<string, array{Factorisation, array<int, float>}> by variant, scene and occasion */
    private array $networks = [];

    /** @param  self|null  $narrower  what is known of the first of these suspects, by one that knows no others */
    public function __construct(
        private readonly Outlooks $outlooks,
        private readonly OutlookStore $store,
        private readonly Lineup $lineup,
        private readonly ?self $narrower,
    ) {
    }

    /**
     * One variant's as it stands then.
     *
     * @throws UnknownName
     */
    public function reading(int $variant, Ammeter|Leads $on, Occasion $when): float
    {
        return $this->readingIn($variant, $this->outlooks->on($when)->sceneNumber($variant, $when->after), $on, $when);
    }

    /**
     * Every variant's, in all that it may be found in then.
     *
     * @return non-empty-list<non-empty-list<View>> by variant
     *
     * @throws UnknownName
     */
    public function views(Ammeter|Leads $on, Occasion $when): array
    {
        $known = $this->narrower?->views($on, $when) ?? [];
        $outlook = $this->outlooks->on($when);
        $shares = array_map(
            static fn (int $v): array => $outlook->views($v, $when->after),
            array_slice(array_keys($this->lineup->variants), count($known), null, true),
        );
        $readings = $this->store->readings('direct '.$on->key().' '.$when->key(), fn (): array => array_map(
            fn (array $own, int $v): array => array_map(
                fn (int $scene): float => $this->readingIn($v, $scene, $on, $when),
                array_keys($own),
            ),
            $shares,
            array_keys($shares),
        ));
        $views = [...$known, ...array_map(static fn (array $own, array $values, int $v): array => array_map(
            // a scene is shared by variants that differ to direct current: each has its own number, below nothing
            static fn (float $share, ?float $value): View => new View(new Prediction($value), $share, -1 - $v),
            $own,
            $values,
        ), $shares, $readings, array_keys($shares))];

        return $views === [] ? throw new \LogicException('The healthy unit is always among them.') : $views;
    }

    private function readingIn(int $variant, int $number, Ammeter|Leads $on, Occasion $when): float
    {
        $settler = $this->outlooks->settler;
        [$model, $faults] = [$settler->model, $this->lineup->variants[$variant]];
        if (count($this->networks) > self::NETWORKS) {
            $this->networks = [];
        }
        $scene = $this->outlooks->on($when)->scenes[$number];
        $conditions = $when->conditions->withNumbers($scene->numbers);
        [$network, $volts] = $this->networks["$variant@$number ".$when->key()]
            ??= $settler->under($conditions)->networks->direct($conditions->unjumpered(), $scene->posture->states, $faults);
        [$a, $b] = $on instanceof Leads ? [$on->red, $on->black] : $on->ends($model->circuit);
        [$p, $q] = [$model->node($a), $model->node($b)];
        $between = ($p < 0 ? 0.0 : $volts[$p]) - ($q < 0 ? 0.0 : $volts[$q]);

        return abs($between) * ($on instanceof Leads
            ? Meter::INPUT_OHMS / (Meter::INPUT_OHMS + $network->impedanceBetween($p, $q)->re)
            : array_values($model->elements($on->wire, '', $faults->in($on->wire), $conditions, 0.0))[0]->conductance());
    }
}
