<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Meter\Meter;
use Levin\Core\Network\Complex;
use Levin\Core\Operation\Model;

/**
 * Parts and wires that good readings have shown good, whatever leads.
 *
 * A part is proved when each of its faults that would change what anyone sees of the unit is refuted: some reading came out as on a healthy
 * unit that would not have with that fault. It is asked together with the leading suspect: what sits behind a dead part shows nothing of
 * itself, and a reading there proves nothing of it.
 */
final readonly class Proofs
{
    /** A good reading proves a fault absent that explains it this much worse than a healthy unit does. */
    private const PROVED = 0.03;

    private Model $model;

    /**
     * @param  list<Evidence>  $evidence  in the order it was gathered
     * @param  int|null  $leader  variant that leads; null while none does, or when nothing is wrong
     */
    public function __construct(
        private Predictor $predictor,
        private Weighing $weighing,
        private array $evidence,
        private ?int $leader,
    ) {
        $this->model = $predictor->settler->model;
    }

    /** @return list<string> parts and wires */
    public function proved(Conditions $now): array
    {
        $good = array_filter(
            $this->evidence,
            fn (Evidence $e, int $k): bool => $e->isAsHealthy($this->predictor) && $this->weighing->explains($k, 0),
            ARRAY_FILTER_USE_BOTH,
        );
        $refuting = [];
        foreach (array_keys($good) as $k) {
            foreach ($this->weighing->worseThan(0, $k, self::PROVED) as $v => $isWorse) {
                if ($isWorse) {
                    $refuting[$v][] = $this->evidence[$k];
                }
            }
        }
        if ($refuting === []) {
            return [];
        }
        $proved = [];
        foreach ($this->thatMatter($now) as $target => $variants) {
            if (array_diff($variants, array_keys($refuting)) === [] && $this->stand($variants, $refuting)) {
                $proved[] = (string) $target;
            }
        }

        return $proved;
    }

    /**
     * Of what moves, a fault that changes nothing anyone sees while the unit should run (a switch stuck closed) is not asked for; a heater,
     * a wire, a plug is good or it is not.
     *
     * @return array<string, non-empty-list<int>> by part or wire, its variants that matter
     */
    private function thatMatter(Conditions $now): array
    {
        $outlook = $this->predictor->outlook($now->calling($this->model->circuit));
        $running = static fn (int $v): array => $outlook->scene($v)->posture->observed;
        $matter = [];
        foreach ($this->predictor->suspectOf as $v => $s) {
            $fault = $this->predictor->suspects[$s]->single();
            if ($fault !== null && ($running($v) !== $running(0) || ! isset($this->model->initialStates[$fault->target]))) {
                $matter[$fault->target][] = $v;
            }
        }

        return $matter;
    }

    /**
     * Whether each is refuted with the leading suspect beside it.
     *
     * @param  list<int>  $variants
     * @param  array<int, non-empty-list<Evidence>>  $refuting  by variant
     */
    private function stand(array $variants, array $refuting): bool
    {
        if ($this->leader === null) {
            return true;
        }
        foreach ($variants as $v) {
            $telling = false;
            foreach ($refuting[$v] ?? [] as $evidence) {
                $telling = $telling || $this->tells($evidence, $v, $this->leader);
            }
            if (! $telling) {
                return false;
            }
        }

        return true;
    }

    /** Whether a piece of evidence would still have shown a fault with the leading suspect there. */
    private function tells(Evidence $evidence, int $variant, int $leader): bool
    {
        $test = $evidence->test;
        $when = $evidence->when;
        if (! $test instanceof Probe || ! $test->function->isVoltsAc()) {
            // what is seen, clamped or measured dead: it speaks of itself where the leader changes nothing
            return $test->isAsHealthy($this->predictor, $when, $test->shows($this->predictor, $when, $leader));
        }
        $alone = $test->shows($this->predictor, $when, $leader);
        $both = $this->voltsOfBoth($test, $when, $variant, $leader);

        $scene = $this->predictor->on($when)->scene($leader, $when->after);
        $sway = $this->predictor->volts(new Leads($test->function, $test->red, $test->black), $when)->sway($scene);

        return count(Likelihood::apart($test->function, [$alone, $both], [$sway, $sway])) > 1;
    }

    /** Volts with both faults in, every part standing as the leading one alone leaves it. */
    private function voltsOfBoth(Probe $test, Occasion $when, int $variant, int $leader): float
    {
        $scene = $this->predictor->on($when)->scene($leader, $when->after);
        $conditions = $when->conditions->withNumbers($scene->numbers);
        $faults = $this->predictor->variants[$leader]->with(...$this->predictor->variants[$variant]->all);
        $settler = $this->predictor->settler->under($conditions);
        $conditions = $conditions->unjumpered();
        $omega = $this->model->omega;
        $network = $settler->networks->at($conditions, $scene->posture->states, $faults, $omega);
        [$re, $im] = $network->solve(...$settler->networks->injection($scene->posture->states, $faults, $conditions, $omega));
        $at = fn (string $point): Complex => $this->model->node($point) < 0
            ? new Complex(0)
            : new Complex($re[$this->model->node($point)], $im[$this->model->node($point)]);
        $source = $network->impedanceBetween($this->model->node($test->red), $this->model->node($test->black));
        $share = (new Complex(Meter::INPUT_OHMS))->over($source->plus(new Complex(Meter::INPUT_OHMS)));

        return $at($test->red)->minus($at($test->black))->times($share)->abs();
    }
}
