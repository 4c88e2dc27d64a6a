<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Meter\MeterReading;
use Levin\Core\Meter\WrongInstrument;
use Levin\Core\Network\Graph;
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

    /** Pieces of evidence that are thought of to be asked again. */
    private const AGAIN = 4;

    /** A good reading proves a fault absent that explains it this much worse than the best suspect does. */
    private const PROVED = 0.03;

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
        $weighing = new Weighing(
            $this->prior(),
            array_map(fn (Evidence $item): array => $item->fits($this->predictor), $evidence),
            $this->predictor->suspectOf,
        );
        $left = array_map($this->countInPlay(...), $weighing->along());
        $meanings = $shownGood = [];
        foreach ($evidence as $k => $item) {
            $asHealthy = $item->isAsHealthy($this->predictor);
            $meanings[] = $this->meaning($asHealthy, $left[$k], $left[$k + 1]);
            foreach ($asHealthy ? $weighing->worse($k, self::PROVED) : [] as $s => $isWorse) {
                $shownGood[$s] = ($shownGood[$s] ?? false) || $isWorse;
            }
        }
        $posterior = $weighing->posterior;
        $doubted = $weighing->doubted();
        // what is doubted is asked once more, or by another way: as if it had not been said
        [$next, $signatures] = $this->choose($weighing, $doubted, $evidence, $now, $provedDead, $place);
        $inPlay = $this->inPlay($posterior);
        $members = $this->members($posterior, $inPlay, $signatures);
        // and so is what the finding rests on alone
        $alone = $doubted === null && self::mass($posterior, $members[0]) >= Assessment::FOUND
            ? $weighing->decidesAlone($members[0])
            : null;
        if ($alone !== null) {
            [$next] = $this->choose($weighing, $alone, $evidence, $now, $provedDead, $place);
        }
        // with nothing new left that helps, what was asked is asked again, the least sure first
        foreach ($next === [] ? array_slice($weighing->leastSure(), 0, self::AGAIN) : [] as $again) {
            [$next] = $next === [] ? $this->choose($weighing, $again, $evidence, $now, $provedDead, $place) : [$next];
        }

        $this->predictor->keep();

        return new Assessment(
            $posterior,
            $this->groups($posterior, $members),
            $this->countInPlay($posterior),
            count($this->predictor->suspects),
            $next,
            $this->proved($shownGood, $now),
            $meanings,
            array_map(static fn (int $k): Evidence => $evidence[$k], $weighing->unexplained()),
            $doubted === null ? null : $evidence[$doubted],
            $alone === null ? null : $evidence[$alone],
        );
    }

    /**
     * @param  int|null  $asked  a piece of evidence that is asked again
     * @param  list<Evidence>  $evidence
     * @return array{list<Advice>, array<int, string>} best first; signature by variant in play
     */
    private function choose(Weighing $weighing, ?int $asked, array $evidence, Conditions $now, bool $provedDead, ?string $place): array
    {
        $thought = $asked === null ? $weighing->posterior : $weighing->without($asked);
        $done = array_values(array_filter($evidence, static fn (int $k): bool => $k !== $asked, ARRAY_FILTER_USE_KEY));
        $inPlay = array_values(array_unique([...$this->inPlay($weighing->posterior), ...$this->inPlay($thought)]));

        [$next, $signatures] = (new Chooser($this->model, $this->predictor))->choose($thought, $inPlay, $done, $now, $provedDead, $place);
        // the same test once more comes first: two that agree are not both a slip of the hand
        $isAgain = static fn (Advice $a): bool => $asked !== null && $a->candidate->key() === $evidence[$asked]->key();
        usort($next, static fn (Advice $a, Advice $b): int => $isAgain($b) <=> $isAgain($a));

        return [$next, $signatures];
    }

    /** @return list<Candidate> every test there is, as the drawing has the parts: looks and volts first, then the parts one by one, dead */
    public function every(Conditions $now): array
    {
        return (new Chooser($this->model, $this->predictor))->every($now);
    }

    /**
     * What a healthy unit shows, whatever the function; a reading that is not valid where the function must not be used.
     *
     * @throws UnknownName
     * @throws WrongInstrument for a clamp, which goes round wires
     */
    public function expected(MeterFunction $function, string $red, string $black, Conditions $conditions): MeterReading
    {
        return $this->predictor->metered(0, new Leads($function, $red, $black), $conditions);
    }

    /** @return non-empty-list<float> weights by variant */
    private function prior(): array
    {
        return array_map(function (int $s): float {
            $suspect = $this->predictor->suspects[$s];

            return $suspect->weight(self::NO_FAULT_WEIGHT) / count($suspect->variants);
        }, $this->predictor->suspectOf);
    }

    private function meaning(bool $asHealthy, int $before, int $after): Meaning
    {
        $how = $asHealthy ? 'as healthy' : 'not healthy';

        return new Meaning($asHealthy, $before, $after, $after < $before ? "$how, clears ".($before - $after) : $how);
    }

    /**
     * Parts and wires that good readings have shown good: for each fault that would stop the unit, some reading came out as on a
     * healthy unit that would not have with that fault. A bad reading proves nothing of what lies beyond the fault, so what sits
     * downstream of a dead part stays unproved. Faults that change nothing anyone sees while the unit is called (a switch stuck
     * closed) are not asked for.
     *
     * @param  array<int, bool>  $shownGood  by variant
     * @return list<string>
     */
    private function proved(array $shownGood, Conditions $now): array
    {
        if ($shownGood === []) {
            return [];
        }
        $running = $this->predictor->outlook($now->calling($this->model->circuit))->observed();
        $good = [];
        foreach ($this->predictor->suspectOf as $v => $s) {
            $fault = $this->predictor->suspects[$s]->fault;
            if ($fault !== null && $running[$v] !== $running[0]) {
                $good[$fault->target] = ($good[$fault->target] ?? true) && $shownGood[$v];
            }
        }

        return array_keys(array_filter($good));
    }

    /**
     * Variants in play, those together that no test in play tells apart or that are one suspect's.
     *
     * @param  non-empty-list<float>  $posterior
     * @param  list<int>  $inPlay
     * @param  array<int, string>  $signatures
     * @return non-empty-list<non-empty-list<int>> the most probable group first, and in each the most probable variant
     */
    private function members(array $posterior, array $inPlay, array $signatures): array
    {
        /** @var Graph<string, int> $alike */
        $alike = new Graph;
        foreach ($inPlay as $v) {
            $alike->join('suspect '.$this->predictor->suspectOf[$v], 'shows '.($signatures[$v] ?? "#$v"), $v);
        }
        $islands = $alike->islands(array_map(fn (int $v): string => 'suspect '.$this->predictor->suspectOf[$v], $inPlay));
        $members = [];
        foreach ($inPlay as $v) {
            $members[$islands['suspect '.$this->predictor->suspectOf[$v]]][] = $v;
        }
        foreach ($members as &$variants) {
            usort($variants, static fn (int $a, int $b): int => $posterior[$b] <=> $posterior[$a]);
        }
        unset($variants);
        usort($members, static fn (array $a, array $b): int => self::mass($posterior, $b) <=> self::mass($posterior, $a));

        return $members === [] ? throw new \LogicException('The most probable variant is always in play.') : $members;
    }

    /**
     * @param  non-empty-list<float>  $posterior
     * @param  list<int>  $variants
     */
    private static function mass(array $posterior, array $variants): float
    {
        return array_sum(array_map(static fn (int $v): float => $posterior[$v], $variants));
    }

    /**
     * @param  non-empty-list<float>  $posterior
     * @param  non-empty-list<non-empty-list<int>>  $members
     * @return list<SuspectGroup>
     */
    private function groups(array $posterior, array $members): array
    {
        return array_map(function (array $variants) use ($posterior): SuspectGroup {
            $numbers = array_values(array_unique(array_map(fn (int $v): int => $this->predictor->suspectOf[$v], $variants)));
            $own = array_map(fn (int $s): Suspect => $this->predictor->suspects[$s], $numbers);

            return new SuspectGroup(
                array_merge(...array_map(static fn (Suspect $s): array => $s->ids(), $own)),
                array_map(
                    static fn (Suspect $s): string => $s->label().(count($own) === 1 ? $s->howBad($posterior) : ''),
                    $own,
                ),
                self::mass($posterior, $variants),
                count($own) === 1 ? ltrim($own[0]->howBad($posterior), ', ') : '',
            );
        }, $members);
    }

    /** @param  non-empty-list<float>  $posterior */
    private function countInPlay(array $posterior): int
    {
        return count(array_unique(array_map(fn (int $v): int => $this->predictor->suspectOf[$v], $this->inPlay($posterior))));
    }

    /**
     * @param  non-empty-list<float>  $posterior
     * @return list<int>
     */
    private function inPlay(array $posterior): array
    {
        $least = self::IN_PLAY * max($posterior);

        return array_keys(array_filter($posterior, static fn (float $p): bool => $p >= $least));
    }
}
