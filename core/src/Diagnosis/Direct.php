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
        private readonly Notebook $notebook,
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
        return $this->readingIn($variant, $this->outlooks->on($when)->passages($variant)->sceneNumber($when->after), $on, $when);
    }

    /**
     * Some variants', in all that each may be found in then.
     *
     * @param  list<int>  $variants
     * @return array<int, non-empty-list<View>> by variant
     *
     * @throws UnknownName
     */
    public function views(Ammeter|Leads $on, Occasion $when, array $variants): array
    {
        return Outcomes::each($variants, fn (int $v): array => $this->viewsOf($v, $on, $when));
    }

    /** @return non-empty-list<View> */
    private function viewsOf(int $variant, Ammeter|Leads $on, Occasion $when): array
    {
        if ($this->narrower?->lineup->has($variant) === true) {
            return $this->narrower->viewsOf($variant, $on, $when);
        }
        $shares = $this->outlooks->on($when)->passages($variant)->views($when->after);
        $readings = $this->notebook->page(Readings::class, 'direct '.$on->key().' '.$when->key())->row($variant, fn (): array => array_map(
            fn (int $scene): float => $this->readingIn($variant, $scene, $on, $when),
            array_keys($shares),
        ));

        return array_map(
            // a scene is shared by variants that differ to direct current: each has its own number, below nothing
            static fn (int $scene, float $share, ?float $value): View => View::ofItsOwn(
                new Prediction($value), $share, -1 - $variant, [$scene => 1.0],
            ),
            array_keys($shares),
            array_values($shares),
            $readings,
        );
    }

    /**
     * The most that one variant shows in some scenes.
     *
     * @param  non-empty-list<int>  $scenes  by number
     *
     * @throws UnknownName
     */
    public function most(int $variant, array $scenes, Ammeter|Leads $on, Occasion $when): float
    {
        if ($this->narrower?->lineup->has($variant) === true) {
            return $this->narrower->most($variant, $scenes, $on, $when);
        }
        $page = $this->notebook->page(Readings::class, 'most direct '.$on->key().' '.$when->key());

        return (float) max($page->row($variant, fn (): array => array_map(
            fn (int $scene): float => $this->readingIn($variant, $scene, $on, $when),
            $scenes,
        )));
    }

    private function readingIn(int $variant, int $number, Ammeter|Leads $on, Occasion $when): float
    {
        $this->notebook->pause();
        $settler = $this->outlooks->settler;
        [$model, $faults] = [$settler->model, $this->lineup->variants[$variant]];
        if (count($this->networks) > self::NETWORKS) {
            $this->networks = [];
        }
        $scene = $this->outlooks->on($when)->at($number);
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
