<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** Tests by what they tell a minute about the suspects in play, and what all of them together cannot tell apart. */
final class Ranking
{
    /** Below this a test is not worth its time, bits. */
    private const WORTH = 0.02;

    /** With more variants in play than this, a test's outcomes are looked up. */
    public const MANY = 60;

    /** @var list<Ranked> */
    private array $ranked = [];

    /** @var array<int, string> by variant: the same where every test so far has the same outcome */
    private array $signatures;

    /** @var array<int, int> suspect by variant: what comes and goes is the same as what stays, as far as a test asks which it is */
    private array $suspectOf;

    /**
     * @param  array<int, float>  $weights  by variant in play, adding up to one
     * @param  array<string, true>  $done  keys of the tests that have been made
     * @param  string|null  $again  key of one that is asked for, whenever it is made and whatever it tells
     */
    public function __construct(
        private readonly Predictor $predictor,
        private readonly array $weights,
        private readonly array $done,
        private readonly ?string $again = null,
        private readonly Leaning $leaning = new Leaning,
    ) {
        $this->signatures = array_map(static fn (): string => '', $weights);
        $there = $predictor->lineup->comeAndGo();
        $this->suspectOf = Outcomes::each(
            array_keys($weights),
            static fn (int $v): int => $predictor->suspectOf[$there[$predictor->variant($v)] ?? $v],
        );
    }

    /** @param  float  $extra  minutes besides the test's own */
    public function add(Candidate $test, float $extra): void
    {
        $outcomes = $this->outcomes($test, array_keys($this->weights));
        foreach ($outcomes as $n => $members) {
            foreach ($members as $v) {
                $this->signatures[$v] .= $n.',';
            }
        }
        $isAgain = $test->whenever() === $this->again;
        if (! $isAgain && (count($outcomes) < 2 || isset($this->done[$test->key()]))) {
            return;
        }
        $bits = count($outcomes) < 2 ? 0.0 : $this->information($outcomes);
        if ($isAgain || $bits >= self::WORTH) {
            $this->ranked[] = $this->ranked($test, $extra, $bits, $outcomes);
        }
    }

    /**
     * Variants by what they would show, in classes that can be told apart by it; for many at once those of all variants, which are kept.
     * With the power off each takes long to work out: then where most are asked for.
     *
     * @param  list<int>  $variants
     * @return list<non-empty-list<int>>
     */
    private function outcomes(Candidate $candidate, array $variants): array
    {
        $isFed = $candidate->when->conditions->isEnergised($this->predictor->settler->model->circuit);
        $many = $isFed ? self::MANY : max(self::MANY, count($this->predictor->variants) / 2);
        if ($this->predictor->beliefs !== null || count($variants) <= $many) {
            return $candidate->test->outcomes($this->predictor, $candidate->when, $variants);
        }
        $row = $this->predictor->sheet($candidate->when)->row($candidate->test->key(), fn (): array => $candidate->test->outcomes(
            $this->predictor,
            $candidate->when,
            array_keys($this->predictor->variants),
        ));
        $classes = [];
        foreach ($variants as $v) {
            $classes[$row[$v]][] = $v;
        }

        return array_values($classes);
    }

    /** The most that a test could score. */
    public function most(Candidate $test, float $extra): float
    {
        return $this->ranked($test, $extra, log(max(2, $this->suspects()), 2), [])->score();
    }

    /** @param  list<non-empty-list<int>>  $outcomes */
    private function ranked(Candidate $test, float $extra, float $bits, array $outcomes): Ranked
    {
        return Ranked::of($test, $extra, $bits, $outcomes, $this->leaning->factor($test, $this->predictor->settler->model));
    }

    /** The one that is asked for, where it can be made. */
    public function asked(): ?Ranked
    {
        return array_values(array_filter($this->ranked, fn (Ranked $r): bool => $r->candidate->whenever() === $this->again))[0] ?? null;
    }

    /** @return list<Ranked> by themselves, the best first */
    public function best(int $many): array
    {
        usort($this->ranked, static fn (Ranked $a, Ranked $b): int => $b->score() <=> $a->score());

        return array_slice($this->ranked, 0, $many);
    }

    /** What to do one after another; nothing where no test is worth its time. */
    public function plan(): ?Plan
    {
        $planning = new Planning($this->predictor->settler->model->circuit, $this->information(...));

        return $this->ranked === [] ? null : $planning->best($this->ranked);
    }

    /** @return array<int, string> by variant */
    public function signatures(): array
    {
        return $this->signatures;
    }

    /** How many suspects are in play. */
    public function suspects(): int
    {
        return count(array_unique($this->suspectOf));
    }

    /**
     * The most probable variants.
     *
     * @param  array<int, true>|null  $among  these only
     * @return list<int>
     */
    public function first(int $many, ?array $among = null): array
    {
        $isAmong = fn (int $v): bool => $among === null || isset($among[$this->predictor->variant($v)]);
        $weights = array_filter($this->weights, $isAmong, ARRAY_FILTER_USE_KEY);
        arsort($weights);

        return array_slice(array_keys($weights), 0, $many);
    }

    /** @return array<string, true> the parts and wires of suspects that nothing so far tells from another one */
    public function alike(): array
    {
        $sharing = [];
        foreach ($this->signatures as $v => $signature) {
            $sharing[$signature][$this->suspectOf[$v]] = true;
        }
        $alike = [];
        foreach ($this->signatures as $v => $signature) {
            foreach (count($sharing[$signature]) > 1 ? $this->predictor->variants[$v]->targets() : [] as $target) {
                $alike[$target] = true;
            }
        }

        return $alike;
    }

    /**
     * What an outcome says about which suspect it is, bits: the entropy of what is shown, less what is left of it once the suspect is known
     * (Shannon 1948). One in so many is mistaken and shows any of the other outcomes.
     *
     * @param  list<non-empty-list<int>>  $outcomes
     */
    private function information(array $outcomes): float
    {
        $none = $all = array_fill(0, count($outcomes), 0.0);
        $first = $own = $torn = [];
        foreach ($outcomes as $n => $members) {
            foreach ($members as $v) {
                $s = $this->suspectOf[$v];
                $all[$n] += $this->weights[$v];
                $own[$s] = ($own[$s] ?? 0.0) + $this->weights[$v];
                $torn += ($first[$s] ??= $n) === $n ? [] : [$s => $none];
            }
        }
        // most suspects show one thing in all their variants, and leave as much open as any other that does
        $left = (array_sum($own) - array_sum(array_intersect_key($own, $torn))) * self::entropy([1.0, ...array_slice($none, 1)]);
        foreach ($torn === [] ? [] : $outcomes as $n => $members) {
            foreach ($members as $v) {
                $s = $this->suspectOf[$v];
                if (isset($torn[$s])) {
                    $torn[$s][$n] += $this->weights[$v];
                }
            }
        }
        foreach ($torn as $s => $shares) {
            $left += $own[$s] * self::entropy($shares);
        }

        return self::entropy($all) - $left;
    }

    /**
     * Of what is shown where the outcomes rightly have these shares.
     *
     * @param  array<int, float>  $shares
     */
    private static function entropy(array $shares): float
    {
        $sum = array_sum($shares);
        $slip = Fit::MISTAKEN / (count($shares) - 1);
        $bits = 0.0;
        foreach ($shares as $share) {
            $shown = (1 - Fit::MISTAKEN - $slip) * $share / $sum + $slip;
            $bits -= $shown * log($shown, 2);
        }

        return $bits;
    }
}
