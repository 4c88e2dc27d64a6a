<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** Variants of suspects weighed by evidence: with all of it, with some of it, with one piece left out. */
final class Weighing
{
    /** With more than this chance that it comes and goes, and is not there now, it is waited for; with less than it one is there. */
    public const AWAY = 0.5;

    /** @var non-empty-list<float> with all evidence */
    public readonly array $posterior;

    /** With less of the leading one's than this share nobody comes to lead because a piece is left out. */
    private const OUT = 1e-8;

    /** @var array<int, non-empty-list<float>> by piece of evidence and variant, each piece by itself */
    private readonly array $alone;

    /** @var array<int, array<int, Followed>> by piece of evidence and variant: with those of its sitting before it */
    private readonly array $ways;

    /** @var array<int, non-empty-list<float>> by piece of evidence and variant, each piece after those before it */
    private readonly array $likelihoods;

    /** @var array<int, non-empty-list<float>> by what each piece changes the weights, by piece and variant */
    private readonly array $factors;

    /** @var list<int> the variants of the most probable suspect: between them they stand for how bad it may be */
    private readonly array $leading;

    /** @var array<string, non-empty-list<float>> with some pieces left out, by their numbers */
    private array $without = [];

    /**
     * @param  non-empty-list<float>  $prior  weights by variant
     * @param  list<non-empty-list<Fit>>  $fits  by piece of evidence and variant
     * @param  non-empty-list<int>  $suspectOf  number of the suspect by variant
     * @param  list<string>  $tests  by piece of evidence: the same for the same test, whenever it was made
     * @param  array<int, int>  $comeAndGo  by variant that comes and goes, the one that is as it is when it is there
     * @param  Followed  $start  from where variants are followed
     */
    public function __construct(
        private readonly array $prior,
        private readonly array $fits,
        array $suspectOf,
        private readonly array $tests,
        private readonly Episodes $episodes,
        private readonly Sittings $sittings,
        private readonly array $comeAndGo,
        private readonly Followed $start = new Followed,
    ) {
        $this->alone = array_map(self::likelihoods(...), $fits);
        $ways = [];
        foreach ($this->sittings->of(array_keys($fits)) as $pieces) {
            $before = array_fill(0, count($prior), $start);
            foreach ($pieces as $piece) {
                $isHeld = $this->sittings->isHeld($piece);
                foreach ($fits[$piece] as $v => $fit) {
                    $before[$v] = $before[$v]->through($fit, $isHeld);
                }
                $ways[$piece] = $before;
            }
        }
        ksort($ways);
        $this->ways = $ways;
        $this->likelihoods = array_map(static fn (array $way): array => self::likelihoods(array_values($way)), $ways);
        $this->factors = $this->factors($this->likelihoods);
        $this->posterior = self::share(array_reduce($this->factors, self::times(...), $this->prior));
        $this->leading = array_keys($suspectOf, $suspectOf[self::first($this->posterior)], true);
    }

    /**
     * @param  non-empty-list<Fit|Followed>  $all
     * @return non-empty-list<float>
     */
    private static function likelihoods(array $all): array
    {
        return array_column($all, 'likelihood');
    }

    /** @return non-empty-list<non-empty-list<float>> before any evidence, and after each piece of it */
    public function along(): array
    {
        $weights = $this->prior;
        $along = [self::share($weights)];
        foreach ($this->factors as $piece) {
            $along[] = $weights = self::share(self::times($weights, $piece));
        }

        return $along;
    }

    /** @param  list<int>  $variants */
    public function mass(array $variants): float
    {
        return self::sum($this->posterior, $variants);
    }

    /**
     * With one piece left out.
     *
     * @param  list<int>  $variants
     */
    public function massWithout(int $piece, array $variants): float
    {
        return self::sum($this->without($piece), $variants);
    }

    /**
     * @param  non-empty-list<float>  $weights  by variant
     * @param  list<int>  $variants
     */
    private static function sum(array $weights, array $variants): float
    {
        return array_sum(array_map(static fn (int $v): float => $weights[$v], $variants));
    }

    /** Whether one of some variants leaves nothing unexplained. */
    public function explainsAll(int ...$variants): bool
    {
        foreach ($variants as $variant) {
            $left = array_filter(array_keys($this->fits), fn (int $k): bool => ! $this->explains($k, $variant));
            if ($left === []) {
                return true;
            }
        }

        return false;
    }

    /** @return non-empty-list<float> with some pieces left out */
    public function without(int ...$pieces): array
    {
        return $this->without[implode(' ', $pieces)] ??= $this->ofAll(
            array_values(array_diff(array_keys($this->fits), $pieces)),
            count($pieces) > 1 ? array_keys($this->prior) : $this->contending(),
        );
    }

    /** @return list<int> variants that may come to lead when one piece is left out */
    private function contending(): array
    {
        $least = self::OUT * max($this->posterior);

        return array_keys(array_filter($this->posterior, static fn (float $p): bool => $p >= $least));
    }

    /** @return non-empty-list<float> with some pieces only */
    public function of(int ...$pieces): array
    {
        return $this->ofAll(array_values($pieces), array_keys($this->prior));
    }

    /**
     * @param  list<int>  $pieces
     * @param  list<int>  $variants  that are followed from piece to piece
     * @return non-empty-list<float>
     */
    private function ofAll(array $pieces, array $variants): array
    {
        return self::share($this->weighed($this->linked($pieces, $variants)));
    }

    /**
     * What each piece makes likely after those of its sitting before it.
     *
     * @param  list<int>  $pieces
     * @param  iterable<int>  $variants  that are followed from piece to piece; each piece is taken by itself with the others
     * @return array<int, non-empty-list<float>> by piece, in order, and variant
     */
    private function linked(array $pieces, iterable $variants): array
    {
        $all = array_intersect_key($this->likelihoods, array_flip($pieces));
        foreach ($this->sittings->of($pieces) as $own) {
            $whole = $this->sittings->with($own[0]);
            $same = 0;
            while ($same < count($own) && $own[$same] === $whole[$same]) {
                $same++;
            }
            $rest = array_slice($own, $same);
            foreach ($rest as $piece) {
                $all[$piece] = $this->alone[$piece];
            }
            // up to there it goes as it went with all of them
            $before = $same === 0 ? null : $whole[$same - 1];
            foreach ($rest === [] || count($own) < 2 ? [] : $variants as $v) {
                $followed = $before === null ? $this->start : $this->ways[$before][$v] ?? $this->start;
                foreach ($rest as $piece) {
                    $followed = $this->through($followed, $piece, $v);
                    $all[$piece][$v] = $followed->likelihood;
                }
            }
        }

        return array_map(array_values(...), $all);
    }

    private function through(Followed $followed, int $piece, int $variant): Followed
    {
        return $followed->through($this->fits[$piece][$variant], $this->sittings->isHeld($piece));
    }

    /**
     * What share of the leading variant's weight the best of some variants has, and what share one would have that explained each piece as
     * well as that of them does which explains it best.
     *
     * @param  non-empty-list<int>  $variants
     * @return array{float, float}
     */
    public function atBest(array $variants): array
    {
        $first = self::first($this->posterior);
        $best = max(array_map(fn (int $v): float => $this->prior[$v], $variants)) / $this->prior[$first];
        foreach ($this->factors as $piece) {
            $most = 0.0;
            foreach ($variants as $v) {
                $most = max($most, $piece[$v]);
            }
            $best *= $most / max($piece[$first], PHP_FLOAT_MIN);
        }
        $own = max(array_map(fn (int $v): float => $this->posterior[$v], $variants)) / $this->posterior[$first];

        return [$own, $best];
    }

    /** @return array<int, float> chance of each scene that a variant may be in after the last piece; none where that is not known */
    public function now(int $variant): array
    {
        $last = $this->sittings->last();

        return $last === [] ? [] : $this->ways[$last[count($last) - 1]][$variant]->now;
    }

    /** @return non-empty-list<float> if each came and went */
    public function comingAndGoing(): array
    {
        $variants = array_keys($this->prior);

        return self::share($this->weighed($this->likelihoods, array_combine($variants, $variants)));
    }

    /** Chance that a fault which comes and goes is there now. */
    public function isThere(int $variant): float
    {
        return $this->episodes->isThere(array_column($this->likelihoods, 0), array_column($this->likelihoods, $this->comeAndGo[$variant]));
    }

    /**
     * Who explains a piece this much worse than one variant does.
     *
     * @return list<bool> by variant
     */
    public function worseThan(int $variant, int $piece, float $share): array
    {
        $least = $share * $this->likelihoods[$piece][$variant];

        return array_map(static fn (float $l): bool => $l < $least, $this->likelihoods[$piece]);
    }

    /** Whether a piece is, with a variant, no stranger than one in two hundred. */
    public function explains(int $piece, int $variant): bool
    {
        $failed = $this->comeAndGo[$variant] ?? null;

        return $failed === null
            ? $this->fits[$piece][$variant]->explains
            : $this->fits[$piece][0]->explains || $this->fits[$piece][$failed]->explains;
    }

    /** @return list<int> pieces that the leading suspect leaves unexplained, and that no test made again has put right */
    public function unexplained(): array
    {
        return array_keys(array_filter($this->fits, fn (int $k): bool => ! $this->isSettled($k), ARRAY_FILTER_USE_KEY));
    }

    /**
     * Whether the leading suspect explains it, or the same test made once more. A machine that stands now and runs then is not settled by
     * that where nothing is wrong; where something is, it is what comes of it.
     */
    private function isSettled(int $piece): bool
    {
        $isBroken = ! in_array(0, $this->leading, true);
        foreach (array_keys($this->tests, $this->tests[$piece], true) as $again) {
            if ($again >= $piece && $this->isExplained($again) && ($isBroken || $this->episodes->together($piece, $again))) {
                return true;
            }
        }

        return false;
    }

    /** Whether it is, with the leading suspect as bad as it probably is, no stranger than one in two hundred. */
    private function isExplained(int $piece): bool
    {
        $all = $explained = 0.0;
        foreach ($this->leading as $v) {
            $all += $this->posterior[$v];
            $explained += $this->explains($piece, $v) ? $this->posterior[$v] : 0.0;
        }

        return $explained >= Fit::RARE * $all;
    }

    /** Of what the leading suspect leaves unexplained, the piece that is most probably mistaken. */
    public function doubted(): ?int
    {
        return array_values(array_intersect($this->leastSure(), $this->unexplained()))[0] ?? null;
    }

    /** @return list<int> pieces, the one that is most probably mistaken first, however little */
    private function leastSure(): array
    {
        return array_keys($this->doubts());
    }

    /** @return array<int, float> chance that each piece was mistaken, the greatest first */
    private function doubts(): array
    {
        $doubts = array_map(
            fn (array $fits): float => array_sum(
                array_map(static fn (float $p, Fit $f): float => $p * $f->doubt(), $this->posterior, $fits),
            ),
            $this->fits,
        );
        arsort($doubts);

        return $doubts;
    }

    /**
     * A piece without which another one than these would lead.
     *
     * @param  list<int>  $leading  variants
     */
    public function decidesAlone(array $leading): ?int
    {
        foreach (array_keys($this->fits) as $k) {
            if (! in_array(self::first($this->without($k)), $leading, true)) {
                return $k;
            }
        }

        return null;
    }

    /**
     * @param  array<int, non-empty-list<float>>  $likelihoods  by piece and variant
     * @param  array<int, int>|null  $comeAndGo  instead of those that do
     * @return non-empty-list<float> weights
     */
    private function weighed(array $likelihoods, ?array $comeAndGo = null): array
    {
        return array_reduce($this->factors($likelihoods, $comeAndGo), self::times(...), $this->prior);
    }

    /**
     * By what each piece changes the weights.
     *
     * @param  array<int, non-empty-list<float>>  $likelihoods  by piece and variant
     * @param  array<int, int>|null  $comeAndGo  instead of those that do
     * @return array<int, non-empty-list<float>> the same
     */
    private function factors(array $likelihoods, ?array $comeAndGo = null): array
    {
        $sound = array_map(static fn (array $piece): float => $piece[0], $likelihoods);
        $again = $this->episodes->again(array_keys($likelihoods));
        $factors = [];
        foreach ($likelihoods as $piece => $own) {
            $factors[$piece] = isset($again[$piece]) ? array_fill(0, count($own), 1.0) : $own;
        }
        foreach ($comeAndGo ?? $this->comeAndGo as $variant => $failed) {
            $own = $this->episodes->factors($sound, array_map(static fn (array $piece): float => $piece[$failed], $likelihoods));
            foreach ($own as $piece => $factor) {
                $factors[$piece][$variant] = $factor;
            }
        }

        return array_map(array_values(...), $factors);
    }

    /**
     * @param  non-empty-list<float>  $weights
     * @param  non-empty-list<float>  $likelihoods
     * @return non-empty-list<float> the greatest of them one, so that none is lost however much evidence there is
     */
    private static function times(array $weights, array $likelihoods): array
    {
        $weights = array_map(static fn (float $w, float $l): float => $w * $l, $weights, $likelihoods);
        $most = max($weights);

        return array_map(static fn (float $w): float => $w / $most, $weights);
    }

    /**
     * @param  non-empty-list<float>  $weights
     * @return non-empty-list<float> that add up to one
     */
    private static function share(array $weights): array
    {
        $sum = array_sum($weights);

        return array_map(static fn (float $w): float => $w / $sum, $weights);
    }

    /** @param  non-empty-list<float>  $weights */
    private static function first(array $weights): int
    {
        return (int) array_search(max($weights), $weights, true);
    }
}
