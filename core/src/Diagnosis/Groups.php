<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Network\Graph;

/** Variants in play by what no test tells apart, and what each of these groups is called. */
final readonly class Groups
{
    /** @var non-empty-list<non-empty-list<int>> the most probable group first, and in each the most probable variant */
    private array $members;

    /**
     * @param  list<int>  $inPlay
     * @param  array<int, string>  $signatures  of tests by variant: the same where none tells them apart
     * @param  array<int, true>  $noticed  of those in play, what someone would call about
     */
    public function __construct(
        private Predictor $predictor,
        private Weighing $weighing,
        private array $inPlay,
        private array $signatures,
        private array $noticed,
    ) {
        $this->members = $this->alike();
    }

    /** @return non-empty-list<int> variants of the most probable group */
    public function leading(): array
    {
        return $this->members[0];
    }

    /** Of the most probable group. */
    public function certainty(): float
    {
        return $this->probability($this->members[0]);
    }

    /** How sure one has to be of the most probable group to have found it. */
    public function bar(): float
    {
        return Assessment::bar(self::mayBeVictim($this->suspectsOf($this->members[0])));
    }

    /** @return list<string> what the first groups are called, suspect by suspect */
    public function labels(int $groups): array
    {
        $suspects = $this->suspectsOf(array_merge(...array_slice($this->members, 0, $groups)));

        return array_values(array_unique(array_map(static fn (Suspect $s): string => $s->label(), $suspects)));
    }

    /** @return list<SuspectGroup> */
    public function all(): array
    {
        return array_map(function (array $variants): SuspectGroup {
            $own = $this->simplest($this->suspectsOf($variants));
            $degree = count($own) === 1 ? $own[0]->howBad($this->weighing->posterior) : '';

            return new SuspectGroup(
                array_merge(...array_map(static fn (Suspect $s): array => $s->ids(), $own)),
                array_map(static fn (Suspect $s): string => $s->label().($degree === '' ? '' : ", $degree"), $own),
                $this->probability($variants),
                $degree,
                self::mayBeVictim($own),
            );
        }, $this->members);
    }

    /**
     * Variants in play, those together that no test in play tells apart or that are one suspect's. What someone would call about is never
     * the same as nothing, though it shows nothing now.
     *
     * @return non-empty-list<non-empty-list<int>> the most probable group first, and in each the most probable variant
     */
    private function alike(): array
    {
        $posterior = $this->weighing->posterior;
        /** @var Graph<string, string> $alike */
        $alike = new Graph;
        // what is away shows nothing of what it is: tests tell it from others as they do while it is there; and so does what rather stays
        $there = array_filter(
            array_intersect_key($this->predictor->lineup->comeAndGo(), array_flip($this->inPlay)),
            fn (int $there, int $v): bool => $posterior[$there] >= $posterior[$v] || $this->weighing->isThere($v) < Weighing::AWAY,
            ARRAY_FILTER_USE_BOTH,
        );
        $noticed = in_array(0, $this->inPlay, true) ? $this->noticed : [];
        $own = fn (string $what, int $v): string => isset($noticed[$v]) ? "noticed: $what" : $what;
        $name = fn (int $v): string => $own('suspect '.$this->predictor->suspectOf[$v], $v);
        foreach ($this->inPlay as $v) {
            $suspect = $this->predictor->suspects[$this->predictor->suspectOf[$v]];
            // what a unit shows that is not wired as drawn nobody knows
            $shows = $suspect->isMiswired ? 'shows anything' : 'shows '.($this->signatures[$there[$v] ?? $v] ?? "#$v");
            $alike->join($name($v), $own($shows, $v), "shows $v");
            // whether it stays or comes and goes, it is the same that is wrong
            $is = $suspect->isMiswired ? 'is miswired' : 'is '.implode(' ', $suspect->ids());
            $alike->join($name($v), $own($is, $v), "is $v");
        }
        $islands = $alike->islands(array_map($name, $this->inPlay));
        $members = [];
        foreach ($this->inPlay as $v) {
            $members[$islands[$name($v)]][] = $v;
        }
        foreach ($members as &$variants) {
            usort($variants, static fn (int $a, int $b): int => $posterior[$b] <=> $posterior[$a]);
        }
        unset($variants);
        usort($members, fn (array $a, array $b): int => $this->weighing->mass($b) <=> $this->weighing->mass($a));

        return $members === [] ? throw new \LogicException('The most probable variant is always in play.') : $members;
    }

    /**
     * Of one of the groups. That nothing is wrong is no more probable than by itself against what someone would call about, however much
     * there may be that nobody would.
     *
     * @param  non-empty-list<int>  $group
     */
    private function probability(array $group): float
    {
        $mass = $this->weighing->mass($group);
        if (! in_array(0, $group, true)) {
            return $mass;
        }
        $healthy = $this->weighing->posterior[0];

        return min($mass, $healthy / ($healthy + $this->weighing->mass(array_keys($this->noticed))));
    }

    /** @param  list<Suspect>  $suspects */
    private static function mayBeVictim(array $suspects): bool
    {
        return array_filter($suspects, static fn (Suspect $s): bool => $s->comesAndGoes && $s->opensByHeat()) !== [];
    }

    /**
     * @param  list<int>  $variants
     * @return list<Suspect>
     */
    private function suspectsOf(array $variants): array
    {
        $numbers = array_values(array_unique(array_map(fn (int $v): int => $this->predictor->suspectOf[$v], $variants)));

        return array_map(fn (int $s): Suspect => $this->predictor->suspects[$s], $numbers);
    }

    /**
     * Without those of two causes that nothing tells from one of them alone: what may sit behind it is another question. And where nothing
     * tells them from a healthy unit, that is what it is as far as it shows; but not where such a unit leaves something unexplained.
     *
     * @param  list<Suspect>  $suspects
     * @return list<Suspect>
     */
    private function simplest(array $suspects): array
    {
        $broken = array_values(array_filter($suspects, static fn (Suspect $s): bool => ! $s->isHealthy()));
        if (count($broken) < count($suspects) && ($broken === [] || $this->weighing->explainsAll(0))) {
            return [$this->predictor->suspects[0]];
        }
        $explaining = array_values(array_filter($broken, fn (Suspect $s): bool => $this->weighing->explainsAll(...$s->variants)));
        $suspects = $explaining === [] ? $broken : $explaining;

        return array_values(array_filter($suspects, static function (Suspect $s, int $n) use ($suspects): bool {
            foreach ($suspects as $m => $other) {
                // of the same that stays or comes and goes, the more probable
                $isWithin = array_diff($other->ids(), $s->ids()) === [];
                if ($isWithin && (count($other->causes) < count($s->causes) || $m < $n && count($other->causes) === count($s->causes))) {
                    return false;
                }
            }

            return true;
        }, ARRAY_FILTER_USE_BOTH));
    }
}
