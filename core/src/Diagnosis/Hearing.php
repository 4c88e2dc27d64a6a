<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Network\Graph;

/** What evidence comes to among one line-up of suspects: who leads, what is found, proved, unexplained, and what to test next. */
final readonly class Hearing
{
    /** A suspect stays in play while it has at least this share of the leading one. */
    private const IN_PLAY = 0.01;

    /** Many smaller ones may be right together: so many are thought of where those in play tell nothing and are not sure between them. */
    private const SMALLER = 12;

    /** With more than this chance that it comes and goes, and is not there now, it is waited for; with less than it one is there. */
    private const AWAY = 0.5;

    /** It has been waited for in vain so often: nobody waits any longer. [practice, no published source] */
    private const WAITS = 5;

    /** What has been answered so often is not asked again: it is no slip of the hand. [practice, no published source] */
    private const ANSWERS = 3;

    /** Pieces of evidence that are thought of to be asked again. */
    private const AGAIN = 4;

    private Noticed $noticed;

    /**
     * @param  list<Evidence>  $evidence  in the order it was gathered
     */
    public function __construct(
        private Predictor $predictor,
        private Weighing $weighing,
        private array $evidence,
        private Standpoint $from,
    ) {
        $this->noticed = new Noticed($predictor, $evidence, $from);
    }

    public function assessment(): Assessment
    {
        $meanings = $this->meanings();
        $posterior = $this->weighing->posterior;
        $doubted = $this->weighing->doubted();
        // what is doubted is asked once more, or by another way: as if it had not been said
        [$next, $signatures] = $this->choose($doubted);
        $inPlay = $this->inPlay($posterior);
        $members = $this->members($posterior, $inPlay, $signatures);
        // and so is what the finding rests on alone
        $alone = $doubted === null && $this->probability($posterior, $members[0], $members) >= Assessment::FOUND
            ? $this->weighing->decidesAlone($members[0])
            : null;
        $next = $this->awaited($alone === null ? $next : $this->onceMore($alone, $next));
        // with nothing new left that helps, what was asked is asked again
        foreach ($next === [] ? $this->weightiest($members[0]) : [] as $again) {
            [$next] = $next === [] ? $this->choose($again) : [$next];
        }
        $bar = Assessment::bar(self::mayBeVictim($this->suspectsOf($members[0])));
        if ($next === [] && $this->probability($posterior, $members[0], $members) < $bar) {
            [$next] = $this->choose(null, self::SMALLER);
        }

        return new Assessment(
            $posterior,
            $this->groups($posterior, $members),
            $this->countInPlay($posterior),
            count($this->predictor->suspects),
            $next,
            (new Proofs($this->predictor, $this->weighing, $this->evidence, $this->leader()))->proved($this->from->now),
            $meanings,
            array_map(fn (int $k): Evidence => $this->evidence[$k], $this->weighing->unexplained()),
            $doubted === null ? null : $this->evidence[$doubted],
            $alone === null ? null : $this->evidence[$alone],
            (new PartShares($this->predictor))->of($posterior),
            $next === [] ? $this->help($members) : '',
            (new PartShares($this->predictor))->together($posterior),
        );
    }

    /**
     * Pieces of evidence without which what leads would be another or surer, the one that makes most of a difference first.
     *
     * @param  non-empty-list<int>  $leading  variants
     * @return list<int>
     */
    private function weightiest(array $leading): array
    {
        $mass = self::mass($this->weighing->posterior, $leading);
        $differences = array_map(
            fn (int $k): float => abs(self::mass($this->weighing->without($k), $leading) - $mass),
            array_keys($this->evidence),
        );
        arsort($differences);

        return array_slice(array_keys($differences), 0, self::AGAIN);
    }

    /**
     * What would help where nothing that can be measured does.
     *
     * @param  non-empty-list<non-empty-list<int>>  $members
     */
    private function help(array $members): string
    {
        $limits = $this->from->limits;
        $circuit = $this->predictor->settler->model->circuit;
        $places = array_map(static fn (string $place): string => $circuit->places[$place]->label, $limits->places);
        $barred = [
            ...$places === [] ? [] : ['what is out of reach: '.implode(', ', $places)],
            ...$limits->mustRun ? ['the unit switched off, once it may be'] : [],
            ...$limits->putOff === [] ? [] : ['what was put off'],
        ];
        if ($barred !== []) {
            return 'Nothing that can be done now tells more. What would: '.implode('; ', $barred).'.';
        }
        $labels = array_slice(array_unique(array_map(
            fn (int $v): string => $this->predictor->suspects[$this->predictor->suspectOf[$v]]->label(),
            array_merge(...array_slice($members, 0, 2)),
        )), 0, self::AGAIN);

        return 'No reading that is left tells these apart: '.implode('; ', $labels)
            .'. What would: a close look at them, tugging and tapping, a part that is known to be good in its place; '
            .'and whether the unit is wired as it is drawn.';
    }

    /**
     * @param  int|null  $asked  a piece of evidence that is asked again
     * @param  int  $smaller  how many are thought of besides those in play
     * @return array{list<Advice>, array<int, string>} best first; signature by variant in play
     */
    private function choose(?int $asked, int $smaller = 0): array
    {
        [$thought, $inPlay, $done, $again] = $this->thought($asked);
        if ($smaller > 0) {
            $first = $thought;
            arsort($first);
            $inPlay = array_slice(array_unique([...$inPlay, ...array_keys($first)]), 0, count($inPlay) + $smaller);
        }

        return $this->chooser($inPlay)->choose($thought, $this->asThere($inPlay), $done, $again);
    }

    /**
     * A piece of evidence asked for once more, before whatever else would be next; or what is next without it, where it cannot be.
     *
     * @param  list<Advice>  $next
     * @return list<Advice>
     */
    private function onceMore(int $asked, array $next): array
    {
        [$thought, $inPlay, $done, $again] = $this->thought($asked);
        $first = $again === null ? null : $this->chooser($inPlay)->onceMore($thought, $this->asThere($inPlay), $done, $again);

        return $first === null ? $this->choose($asked)[0] : [
            $first,
            ...array_filter($next, static fn (Advice $a): bool => $a->candidate->whenever() !== $first->candidate->whenever()),
        ];
    }

    /**
     * How it looks without a piece that is asked again: weights, who is in play, what has been done, and whether it is asked just so.
     *
     * @return array{non-empty-list<float>, list<int>, list<Evidence>, Evidence|null}
     */
    private function thought(?int $asked): array
    {
        $thought = $asked === null ? $this->weighing->posterior : $this->weighing->without($asked);
        // the same test once more comes first: two that agree are not both a slip of the hand
        $again = $asked === null ? null : $this->evidence[$asked];
        $ways = $again?->ways() ?? [];
        $answers = array_filter($this->evidence, static fn (Evidence $e): bool => in_array($e->whenever(), $ways, true));
        $isAsked = count($answers) < self::ANSWERS;

        return [
            $thought,
            array_values(array_unique([...$this->inPlay($this->weighing->posterior), ...$this->inPlay($thought)])),
            $isAsked ? array_values(array_diff_key($this->evidence, $answers)) : $this->evidence,
            $isAsked ? $again : null,
        ];
    }

    /**
     * With what comes and goes, the same as it is while it is there.
     *
     * @param  list<int>  $inPlay
     * @return list<int>
     */
    private function asThere(array $inPlay): array
    {
        $there = array_intersect_key($this->predictor->lineup->comeAndGo(), array_flip($inPlay));

        return array_values(array_unique([...$inPlay, ...$there]));
    }

    /** @param  list<int>  $inPlay */
    private function chooser(array $inPlay): Chooser
    {
        return new Chooser($this->believing($this->asThere($inPlay)), $this->from, $this->noticed->among($inPlay));
    }

    /**
     * As the unit most probably stands now with each of those in play, where few are left.
     *
     * @param  list<int>  $inPlay
     */
    private function believing(array $inPlay): Predictor
    {
        $last = $this->evidence[count($this->evidence) - 1] ?? null;
        $here = new Occasion($this->from->now);
        $circuit = $this->predictor->settler->model->circuit;
        if ($last === null || count($inPlay) > Ranking::MANY || ! Sittings::goesOn($last->when, $here, $circuit)) {
            return $this->predictor;
        }
        $now = array_map($this->weighing->now(...), array_combine($inPlay, $inPlay));
        $beliefs = Beliefs::of($here, $circuit, $now, count($this->predictor->variants));

        return $this->predictor->believing($beliefs);
    }

    /**
     * What comes and goes is read while it is there: until then one waits for it.
     *
     * @param  list<Advice>  $next
     * @return list<Advice>
     */
    private function awaited(array $next): array
    {
        $posterior = $this->weighing->posterior;
        $away = 0.0;
        foreach (array_keys($this->predictor->lineup->comeAndGo()) as $v) {
            $away += $posterior[$v] * (1 - $this->weighing->isThere($v));
        }
        $part = $away > self::AWAY ? $this->whatChanged() : null;
        if ($part === null || ! $this->from->now->isEnergised($this->predictor->settler->model->circuit)) {
            return $next;
        }

        return [(new Chooser($this->predictor, $this->from))->waiting($part), ...$next];
    }

    /** The machine that was last seen to do something else than before, while it is worth waiting for. */
    private function whatChanged(): ?string
    {
        $last = $waited = [];
        $changed = null;
        foreach ($this->evidence as $item) {
            $part = $item->test instanceof Look ? $item->test->part : null;
            if ($part !== null && $item->when->conditions->key() === $this->from->now->key()) {
                $hasChanged = ($last[$part] ?? $item->shown) !== $item->shown;
                $changed = $hasChanged ? $part : $changed;
                $waited[$part] = $hasChanged ? 0 : ($waited[$part] ?? 0) + 1;
                $last[$part] = $item->shown;
            }
        }

        return $changed !== null && $waited[$changed] < self::WAITS ? $changed : null;
    }

    /** @return list<Meaning> of each piece of evidence, after those before it */
    public function meanings(): array
    {
        $along = $this->weighing->along();
        $left = array_map($this->countInPlay(...), $along);
        $cleared = (new PartShares($this->predictor))->cleared($along);
        $meanings = [];
        foreach ($this->evidence as $k => $item) {
            $meanings[] = new Meaning(
                $item->isAsHealthy($this->predictor),
                $left[$k],
                $left[$k + 1],
                $cleared[$k],
            );
        }

        return $meanings;
    }

    /** What something is most probably wrong with; null when most probably nothing is, or too little is known. */
    private function leader(): ?int
    {
        $posterior = $this->weighing->posterior;
        $broken = array_slice($posterior, 1, null, true);

        return $broken === [] || $posterior[0] >= max($broken) ? null : (int) array_search(max($broken), $broken, true);
    }

    /**
     * Variants in play, those together that no test in play tells apart or that are one suspect's. What someone would call about is never
     * the same as nothing, though it shows nothing now.
     *
     * @param  non-empty-list<float>  $posterior
     * @param  list<int>  $inPlay
     * @param  array<int, string>  $signatures
     * @return non-empty-list<non-empty-list<int>> the most probable group first, and in each the most probable variant
     */
    private function members(array $posterior, array $inPlay, array $signatures): array
    {
        /** @var Graph<string, string> $alike */
        $alike = new Graph;
        // what is away shows nothing of what it is: tests tell it from others as they do while it is there; and so does what rather stays
        $there = array_filter(
            array_intersect_key($this->predictor->lineup->comeAndGo(), array_flip($inPlay)),
            fn (int $there, int $v): bool => $posterior[$there] >= $posterior[$v] || $this->weighing->isThere($v) < self::AWAY,
            ARRAY_FILTER_USE_BOTH,
        );
        $noticed = in_array(0, $inPlay, true) ? $this->noticed->among($inPlay) : [];
        $own = fn (string $what, int $v): string => isset($noticed[$v]) ? "noticed: $what" : $what;
        $name = fn (int $v): string => $own('suspect '.$this->predictor->suspectOf[$v], $v);
        foreach ($inPlay as $v) {
            $suspect = $this->predictor->suspects[$this->predictor->suspectOf[$v]];
            // what a unit shows that is not wired as drawn nobody knows
            $shows = $suspect->isMiswired ? 'shows anything' : 'shows '.($signatures[$there[$v] ?? $v] ?? "#$v");
            $alike->join($name($v), $own($shows, $v), "shows $v");
            // whether it stays or comes and goes, it is the same that is wrong
            $is = $suspect->isMiswired ? 'is miswired' : 'is '.implode(' ', $suspect->ids());
            $alike->join($name($v), $own($is, $v), "is $v");
        }
        $islands = $alike->islands(array_map($name, $inPlay));
        $members = [];
        foreach ($inPlay as $v) {
            $members[$islands[$name($v)]][] = $v;
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
     * Of one of the groups. That nothing is wrong is no more probable than by itself against what someone would call about, however much
     * there may be that nobody would.
     *
     * @param  non-empty-list<float>  $posterior
     * @param  non-empty-list<int>  $group
     * @param  non-empty-list<non-empty-list<int>>  $members
     */
    private function probability(array $posterior, array $group, array $members): float
    {
        $mass = self::mass($posterior, $group);
        if (! in_array(0, $group, true)) {
            return $mass;
        }
        $noticed = self::mass($posterior, array_keys($this->noticed->among(array_merge(...$members))));

        return min($mass, $posterior[0] / ($posterior[0] + $noticed));
    }

    /**
     * @param  non-empty-list<float>  $posterior
     * @param  non-empty-list<non-empty-list<int>>  $members
     * @return list<SuspectGroup>
     */
    private function groups(array $posterior, array $members): array
    {
        return array_map(function (array $variants) use ($posterior, $members): SuspectGroup {
            $own = $this->simplest($this->suspectsOf($variants));
            $degree = count($own) === 1 ? $own[0]->howBad($posterior) : '';

            return new SuspectGroup(
                array_merge(...array_map(static fn (Suspect $s): array => $s->ids(), $own)),
                array_map(static fn (Suspect $s): string => $s->label().($degree === '' ? '' : ", $degree"), $own),
                $this->probability($posterior, $variants, $members),
                $degree,
                self::mayBeVictim($own),
            );
        }, $members);
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
        if (count($broken) < count($suspects) && ($broken === [] || $this->explainsAll(0))) {
            return [$this->predictor->suspects[0]];
        }
        $explaining = array_values(array_filter($broken, fn (Suspect $s): bool => $this->explainsAll(...$s->variants)));
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

    /** Whether one of some variants leaves nothing unexplained. */
    private function explainsAll(int ...$variants): bool
    {
        foreach ($variants as $variant) {
            $left = array_filter(array_keys($this->evidence), fn (int $k): bool => ! $this->weighing->explains($k, $variant));
            if ($left === []) {
                return true;
            }
        }

        return false;
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
