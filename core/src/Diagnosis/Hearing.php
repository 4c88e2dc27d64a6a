<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** What evidence comes to among one line-up of suspects: who leads, what is found, proved, unexplained, and what to test next. */
final readonly class Hearing
{
    /** A suspect stays in play while it has at least this share of the leading one. */
    private const IN_PLAY = 0.01;

    /** Many smaller ones may be right together: so many are thought of where those in play tell nothing and are not sure between them. */
    private const SMALLER = 12;

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
        $groups = new Groups($this->predictor, $this->weighing, $inPlay, $signatures, $this->noticed->among($inPlay));
        // and so is what the finding rests on alone
        $alone = $doubted === null && $groups->certainty() >= Assessment::FOUND
            ? $this->weighing->decidesAlone($groups->leading())
            : null;
        $next = $this->awaited($alone === null ? $next : $this->onceMore($alone, $next));
        // with nothing new left that helps, what was asked is asked again
        foreach ($next === [] ? $this->weightiest($groups->leading()) : [] as $again) {
            [$next] = $next === [] ? $this->choose($again) : [$next];
        }
        if ($next === [] && $groups->certainty() < $groups->bar()) {
            [$next] = $this->choose(null, self::SMALLER);
        }

        return new Assessment(
            $posterior,
            $groups->all(),
            $this->countInPlay($posterior),
            count($this->predictor->suspects),
            $next,
            (new Proofs($this->predictor, $this->weighing, $this->evidence, $this->leader()))->proved($this->from->now),
            $meanings,
            array_map(fn (int $k): Evidence => $this->evidence[$k], $this->weighing->unexplained()),
            $doubted === null ? null : $this->evidence[$doubted],
            $alone === null ? null : $this->evidence[$alone],
            (new PartShares($this->predictor))->of($posterior),
            $next === [] ? $this->help($groups) : '',
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
        $mass = $this->weighing->mass($leading);
        $differences = array_map(
            fn (int $k): float => abs($this->weighing->massWithout($k, $leading) - $mass),
            array_keys($this->evidence),
        );
        arsort($differences);

        return array_slice(array_keys($differences), 0, self::AGAIN);
    }

    /** What would help where nothing that can be measured does. */
    private function help(Groups $groups): string
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
        $labels = array_slice($groups->labels(2), 0, self::AGAIN);

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
        $part = $away > Weighing::AWAY ? $this->whatChanged() : null;
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
