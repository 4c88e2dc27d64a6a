<?php

declare(strict_types=1);

namespace Levin\Core\Trial;

/** What came of many trials. */
final class Ledger
{
    /** Bins of certainty for the calibration, each this wide. */
    private const BIN = 0.1;

    /** @var list<Outcome> */
    private array $outcomes = [];

    public function add(Outcome $outcome): void
    {
        $this->outcomes[] = $outcome;
    }

    /** @return list<Outcome> */
    public function not(Ending $ending): array
    {
        return array_values(array_filter($this->outcomes, static fn (Outcome $o): bool => $o->ending !== $ending));
    }

    /** @return list<string> what should not have been advised, and in which trial */
    public function unsafe(): array
    {
        return array_merge(...array_map(
            static fn (Outcome $o): array => array_map(static fn (string $what): string => "{$o->truth->words()}: $what", $o->unsafe),
            $this->outcomes,
        ));
    }

    /**
     * Shares are weighted by how often a truth is the truth.
     *
     * @return array{
     *     trials: int, right: float, found_right: float|null, wrong_but_sure: float, stuck: float, unsafe: int, tests_mean: float,
     *     minutes_mean: float, live_mean: float, bound_ratio: float|null, wrong_named: float|null,
     *     calibration: list<array{from: float, trials: int, said: float, right: float}>, ms_per_advice: float
     * }
     */
    public function figures(): array
    {
        $right = $this->share(Ending::Right);
        $wrong = $this->share(Ending::Wrong);
        $slips = array_values(array_filter(array_map(static fn (Outcome $o): ?float => $o->namedSlips, $this->outcomes), is_float(...)));
        $bits = $this->mean(static fn (Outcome $o): float => $o->bits);

        return [
            'trials' => count($this->outcomes),
            'right' => $right,
            'found_right' => $right + $wrong > 0.0 ? $right / ($right + $wrong) : null,
            'wrong_but_sure' => $wrong,
            'stuck' => $this->share(Ending::Stuck),
            'unsafe' => array_sum(array_map(static fn (Outcome $o): int => count($o->unsafe), $this->outcomes)),
            'tests_mean' => $this->mean(static fn (Outcome $o): float => $o->tests),
            'minutes_mean' => $this->mean(static fn (Outcome $o): float => $o->minutes),
            'live_mean' => $this->mean(static fn (Outcome $o): float => $o->live),
            'bound_ratio' => $bits > 0.0 ? $this->mean(static fn (Outcome $o): float => $o->tests) / $bits : null,
            'wrong_named' => $slips === [] ? null : array_sum($slips) / count($slips),
            'calibration' => $this->calibration(),
            'ms_per_advice' => $this->millisecondsPerAdvice(),
        ];
    }

    private function share(Ending $ending): float
    {
        $weight = static fn (Outcome $o): float => $o->truth->weight;
        $all = array_sum(array_map($weight, $this->outcomes));
        $such = array_filter($this->outcomes, static fn (Outcome $o): bool => $o->ending === $ending);

        return $all > 0.0 ? array_sum(array_map($weight, $such)) / $all : 0.0;
    }

    /** @param  \Closure(Outcome): (float|int)  $of */
    private function mean(\Closure $of): float
    {
        return $this->outcomes === [] ? 0.0 : array_sum(array_map($of, $this->outcomes)) / count($this->outcomes);
    }

    /** @return list<array{from: float, trials: int, said: float, right: float}> how sure it was in the end, and how often it was right */
    private function calibration(): array
    {
        $bins = [];
        foreach ($this->outcomes as $outcome) {
            $bins[(int) min(floor($outcome->probability / self::BIN), 1 / self::BIN - 1)][] = $outcome;
        }
        ksort($bins);
        $lines = [];
        foreach ($bins as $n => $own) {
            $lines[] = [
                'from' => $n * self::BIN,
                'trials' => count($own),
                'said' => array_sum(array_map(static fn (Outcome $o): float => $o->probability, $own)) / count($own),
                'right' => count(array_filter($own, static fn (Outcome $o): bool => $o->leadsRightly)) / count($own),
            ];
        }

        return $lines;
    }

    private function millisecondsPerAdvice(): float
    {
        $seconds = array_merge(...array_map(static fn (Outcome $o): array => $o->seconds, $this->outcomes));

        return $seconds === [] ? 0.0 : 1000 * array_sum($seconds) / count($seconds);
    }
}
