<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Meter\MeterReading;
use Levin\Core\Meter\WrongInstrument;
use Levin\Core\Operation\Model;
use Levin\Core\Operation\Settler;

/**
 * Weighs all single faults of a circuit against the evidence, and finds the test that tells most.
 */
final readonly class Investigation
{
    /** A suspect stays in play while it has at least this share of the leading one. */
    private const IN_PLAY = 0.01;

    /** The healthy unit among the suspects: the complaint has another cause. [practice, no published source] */
    private const NO_FAULT_WEIGHT = 1.0;

    /** A good reading proves a fault absent that explains it this much worse than the best suspect does. */
    private const PROVED = 0.02;

    /** Below this no single fault explains the evidence without two mistaken readings. */
    private const MISTAKEN_TWICE = 1e-4;

    private Model $model;

    private Predictor $predictor;

    public function __construct(Settler $settler, OutlookStore $store)
    {
        $this->model = $settler->model;
        $this->predictor = new Predictor($settler, $store);
    }

    public function predictor(): Predictor
    {
        return $this->predictor;
    }

    /**
     * @param  list<Evidence>  $evidence  in the order it was gathered
     * @param  Conditions  $now  as the unit stands
     * @param  string|null  $place  where the technician is
     *
     * @throws UnknownName when evidence names a part or point the circuit does not have
     */
    public function assess(array $evidence, Conditions $now, bool $provedDead, ?string $place): Assessment
    {
        $prior = $this->prior();
        $posterior = $prior;
        $likelihood = array_map(static fn (float $p): float => 1.0, $prior);
        $meanings = [];
        $shownGood = [];
        foreach ($evidence as $item) {
            $before = $this->countInPlay($posterior);
            $factors = $this->likelihoods($item);
            $top = max($factors);
            $posterior = self::normalised(array_map(static fn (float $p, float $f): float => $p * $f, $posterior, $factors));
            $likelihood = array_map(static fn (float $l, float $f): float => $l * $f / $top, $likelihood, $factors);
            $meanings[] = $meaning = $this->meaning($item, $before, $this->countInPlay($posterior));
            foreach ($meaning->asHealthy ? $factors : [] as $s => $factor) {
                $shownGood[$s] = ($shownGood[$s] ?? false) || $factor < self::PROVED * $top;
            }
        }
        $best = max($likelihood);
        $proved = $this->proved($shownGood, $now);
        $inPlay = array_keys(array_filter($posterior, static fn (float $p): bool => $p >= self::IN_PLAY * max($posterior)));
        $chooser = new Chooser($this->model, $this->predictor);
        [$next, $signatures] = $chooser->choose($posterior, $inPlay, $evidence, $now, $provedDead, $place);

        return new Assessment(
            $posterior, $this->groups($posterior, $inPlay, $signatures), count($inPlay), count($prior),
            $next, $proved, $meanings, $best < self::MISTAKEN_TWICE,
        );
    }

    /**
     * What a healthy unit shows, whatever the function; a reading that is not valid where the function must not be used.
     *
     * @throws UnknownName
     * @throws WrongInstrument for a clamp, which goes round wires
     */
    public function expected(MeterFunction $function, string $red, string $black, Conditions $conditions): MeterReading
    {
        return $this->predictor->metered(0, $function, $red, $black, $conditions);
    }

    /** @return non-empty-list<float> */
    private function prior(): array
    {
        $weights = [self::NO_FAULT_WEIGHT];
        foreach ($this->model->faults->suspects() as $fault) {
            $weights[] = $fault->mode->weight;
        }

        return self::normalised($weights);
    }

    /** @return non-empty-list<float> by suspect */
    private function likelihoods(Evidence $item): array
    {
        if ($item instanceof Observation) {
            $component = $this->model->component($item->part);
            $outlook = $this->predictor->outlook($item->conditions());
            $choices = count($component->observables());

            return array_map(
                static fn (array $seen): float => Likelihood::ofObservation($seen[$item->part] ?? '', $item->seen, $choices),
                $outlook->observed,
            );
        }
        if ($item instanceof Reading) {
            $predicted = $this->predictor->readings($item->function, $item->red, $item->black, $item->conditions());

            return array_map(static fn (?float $value): float => Likelihood::ofReading($item->function, $value, $item->value), $predicted);
        }
        throw new \LogicException('Evidence of an unknown kind: '.$item::class);
    }

    private function meaning(Evidence $item, int $before, int $after): Meaning
    {
        $healthy = match (true) {
            $item instanceof Observation => $this->predictor->outlook($item->conditions())->observed[0][$item->part] === $item->seen,
            $item instanceof Reading => Likelihood::agrees(
                $item->function,
                $this->predictor->reading(0, $item->function, $item->red, $item->black, $item->conditions()),
                $item->value,
            ),
            default => false,
        };
        $text = match (true) {
            $after < $before => ($healthy ? 'as healthy' : 'not healthy').', clears '.($before - $after),
            $healthy => 'as healthy',
            default => 'not healthy',
        };

        return new Meaning($healthy, $before, $after, $text);
    }

    /**
     * Parts and wires that good readings have shown good: for each fault that would stop the unit, some reading came out as on a
     * healthy unit that would not have with that fault. A bad reading proves nothing of what lies beyond the fault, so what sits
     * downstream of a dead part stays unproved. Faults that change nothing anyone sees while the unit is called (a switch stuck
     * closed) are not asked for.
     *
     * @param  array<int, bool>  $shownGood  by suspect
     * @return list<string>
     */
    private function proved(array $shownGood, Conditions $now): array
    {
        if ($shownGood === []) {
            return [];
        }
        $running = $this->predictor->outlook($now->calling($this->model->circuit))->observed;
        $good = [];
        $s = 0;
        foreach ($this->model->faults->suspects() as $fault) {
            $s++;
            if ($running[$s] !== $running[0]) {
                $good[$fault->target] = ($good[$fault->target] ?? true) && $shownGood[$s];
            }
        }

        return array_keys(array_filter($good));
    }

    /**
     * @param  list<float>  $posterior
     * @param  list<int>  $inPlay
     * @param  array<int, string>  $signatures
     * @return list<SuspectGroup>
     */
    private function groups(array $posterior, array $inPlay, array $signatures): array
    {
        $members = [];
        foreach ($inPlay as $s) {
            $members[$signatures[$s] ?? "#$s"][] = $s;
        }
        $groups = [];
        foreach ($members as $suspects) {
            usort($suspects, static fn (int $a, int $b): int => $posterior[$b] <=> $posterior[$a]);
            $groups[] = new SuspectGroup(
                array_merge(...array_map(fn (int $s): array => $this->predictor->suspects[$s]->ids(), $suspects)),
                array_map($this->predictor->label(...), $suspects),
                array_sum(array_map(static fn (int $s): float => $posterior[$s], $suspects)),
            );
        }
        usort($groups, static fn (SuspectGroup $a, SuspectGroup $b): int => $b->probability <=> $a->probability);

        return $groups;
    }

    /** @param  non-empty-list<float>  $posterior */
    private function countInPlay(array $posterior): int
    {
        $least = self::IN_PLAY * max($posterior);

        return count(array_filter($posterior, static fn (float $p): bool => $p >= $least));
    }

    /**
     * @param  non-empty-list<float>  $weights
     * @return non-empty-list<float>
     */
    private static function normalised(array $weights): array
    {
        $sum = array_sum($weights);

        return array_map(static fn (float $w): float => $w / $sum, $weights);
    }
}
