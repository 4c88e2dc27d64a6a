<?php

declare(strict_types=1);

namespace Levin\Core\Trial;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Diagnosis\Assessment;
use Levin\Core\Diagnosis\Complaint;
use Levin\Core\Diagnosis\Investigation;
use Levin\Core\Diagnosis\Leaning;
use Levin\Core\Diagnosis\Standpoint;
use Levin\Core\Diagnosis\SuspectGroup;
use Levin\Core\Operation\Model;
use Levin\Core\Operation\Settler;
use Levin\Core\Parts\Faults;

/** Hides a truth in a unit and has someone look for it, with readings as a meter would show them. */
final readonly class Trial
{
    /** Whoever is not there after so many tests calls for help. */
    private const MOST = 30;

    /** Days that are tried for the supply to be such that anyone notices. */
    private const DAYS = 8;

    /** Minutes after the complaint began at which someone comes, in seconds: evenly between. */
    private const COMES = [600.0, 1800.0];

    private Model $model;

    /** @param  \Closure(): float  $clock  seconds */
    public function __construct(
        private Settler $settler,
        private Investigation $investigation,
        private Strategy $strategy,
        private Luck $luck,
        private \Closure $clock,
        private Leaning $leaning = new Leaning,
    ) {
        $this->model = $settler->model;
    }

    private function from(Visit $visit): Standpoint
    {
        return new Standpoint($visit->now, $visit->isDead, $visit->place, leaning: $this->leaning);
    }

    public function of(Truth $truth, Dice $dice): Outcome
    {
        $conditions = $truth->conditions ?? Conditions::healthyDefaults($this->model->circuit);
        $comesAndGoes = $truth->sort === Sort::Intermittent;
        $unit = new HiddenUnit($this->supplied($truth, $conditions, $dice), $conditions, $truth->faults, $comesAndGoes, $this->luck, $dice);
        $unit->wait($dice->between(...self::COMES));
        $visit = new Visit($this->model, $unit, $conditions);
        $investigation = $this->investigation->ofAnother();
        $bits = null;
        $seconds = $named = $mended = [];
        while (true) {
            $began = ($this->clock)();
            $assessment = $investigation->assess($visit->evidence, $this->from($visit));
            $seconds[] = ($this->clock)() - $began;
            $bits ??= self::entropy($assessment);
            foreach ([...$assessment->unexplained, ...array_filter([$assessment->doubted, $assessment->alone])] as $item) {
                $named[$item->test->key()] = true;
            }
            $found = $assessment->found();
            $true = array_values(array_intersect(array_diff($truth->ids(), $mended), $found->faults ?? []));
            $isHalf = $truth->sort === Sort::Pair && $true !== [] && array_diff($truth->ids(), $mended, $true) !== [];
            if ($isHalf) {
                // one of two: it is put right, and whatever is still wrong is looked for
                array_push($mended, ...$true);
                $visit->repair($true, $conditions);

                continue;
            }
            $next = $this->strategy->next($assessment, $visit->evidence);
            if ($found !== null || $next === null || $visit->tests >= self::MOST) {
                return $this->outcome($truth, $assessment, $mended, $visit, $bits, self::namedSlips($unit, $named), $seconds);
            }
            $visit->carryOut($next);
        }
    }

    /** The same unit, fed with what the wires bring on a day on which someone notices that something is wrong with it. */
    private function supplied(Truth $truth, Conditions $conditions, Dice $dice): Settler
    {
        for ($day = 0; $day < self::DAYS && $this->luck->supply > 0.0; $day++) {
            $settler = $this->settler->fed(1 + $dice->between(-$this->luck->supply, $this->luck->supply));
            if ($truth->faults->isEmpty() || $this->isNoticed($truth, $conditions, $settler)) {
                return $settler;
            }
        }

        return $this->settler;
    }

    private function isNoticed(Truth $truth, Conditions $conditions, Settler $settler): bool
    {
        $storyteller = $settler->storyteller();
        $complaint = new Complaint($settler->model, Complaint::views($storyteller->tell($conditions, Faults::none())));

        return $complaint->isMade(Complaint::views($storyteller->tell($conditions, $truth->faults)));
    }

    /**
     * @param  list<string>  $mended  ids of the faults that were put right before
     * @param  list<float>  $seconds  of each advice
     */
    private function outcome(
        Truth $truth,
        Assessment $assessment,
        array $mended,
        Visit $visit,
        float $bits,
        ?float $namedSlips,
        array $seconds,
    ): Outcome {
        $found = $assessment->found();
        $first = $found ?? $assessment->groups[0];
        $isRight = self::isRight($truth, $first, $mended);

        return new Outcome(
            $truth,
            match (true) {
                $found === null => Ending::Stuck,
                $isRight => Ending::Right,
                default => Ending::Wrong,
            },
            $first->faults,
            $first->label(),
            $first->probability,
            $visit->tests,
            $visit->minutes,
            $visit->live,
            $visit->unsafe,
            $bits,
            $namedSlips,
            $isRight,
            $visit->log,
            $seconds,
        );
    }

    /** @param  list<string>  $mended  ids of the faults that were put right before */
    private static function isRight(Truth $truth, SuspectGroup $said, array $mended): bool
    {
        $names = array_diff($truth->ids(), $said->faults, $mended) === [];

        return match ($truth->sort) {
            Sort::Cycling => $said->faults === [] && str_starts_with($said->label(), 'Nothing wrong'),
            Sort::Intermittent => $names && str_contains($said->label(), ', comes and goes'),
            // once one of two is put right, the other may make no difference to what anyone sees
            Sort::Pair => $names || $mended !== [] && $said->faults === [],
            default => $names,
        };
    }

    /**
     * Share of the mistaken readings that were doubted or left unexplained at some time.
     *
     * @param  array<string, true>  $named  keys of tests
     */
    private static function namedSlips(HiddenUnit $unit, array $named): ?float
    {
        $slips = array_unique($unit->slips());

        return $slips === [] ? null : count(array_intersect($slips, array_keys($named))) / count($slips);
    }

    /** Bits of what is still open, counting what no test tells apart as one. */
    private static function entropy(Assessment $assessment): float
    {
        return -array_sum(array_map(
            static fn ($group): float => $group->probability > 0.0 ? $group->probability * log($group->probability, 2) : 0.0,
            $assessment->groups,
        ));
    }
}
