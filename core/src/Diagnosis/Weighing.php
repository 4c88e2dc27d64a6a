<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** Suspects weighed by evidence: with all of it, with some of it, with one piece left out. */
final readonly class Weighing
{
    /** @var non-empty-list<float> with all evidence */
    public array $posterior;

    /** The most probable suspect. */
    private int $leader;

    /**
     * @param  non-empty-list<float>  $prior  weights by suspect
     * @param  list<non-empty-list<Fit>>  $fits  by piece of evidence and suspect
     */
    public function __construct(private array $prior, private array $fits)
    {
        $this->posterior = $this->weighed($fits);
        $this->leader = self::first($this->posterior);
    }

    /** @return non-empty-list<float> with the first so many pieces of evidence */
    public function after(int $pieces): array
    {
        return $this->weighed(array_slice($this->fits, 0, $pieces));
    }

    /** @return non-empty-list<float> with one piece left out */
    public function without(int $piece): array
    {
        return $this->weighed(array_filter($this->fits, static fn (int $k): bool => $k !== $piece, ARRAY_FILTER_USE_KEY));
    }

    /**
     * Who explains a piece this much worse than whoever explains it best.
     *
     * @return list<bool> by suspect
     */
    public function worse(int $piece, float $share): array
    {
        $likelihoods = array_map(static fn (Fit $f): float => $f->likelihood(), $this->fits[$piece]);
        $least = $share * max($likelihoods);

        return array_map(static fn (float $l): bool => $l < $least, $likelihoods);
    }

    /** @return list<int> pieces that the leading suspect leaves unexplained */
    public function unexplained(): array
    {
        return array_keys(array_filter($this->fits, fn (array $fits): bool => ! $fits[$this->leader]->explains));
    }

    /** The piece that is most probably mistaken, when it is more probably so than not, or the leading suspect does not explain it. */
    public function doubted(): ?int
    {
        $doubts = array_filter(
            $this->doubts(),
            fn (float $doubt, int $k): bool => $doubt > 0.5 || ! $this->fits[$k][$this->leader]->explains,
            ARRAY_FILTER_USE_BOTH,
        );

        return array_key_first($doubts);
    }

    /** @return list<int> pieces, the one that is most probably mistaken first, however little */
    public function leastSure(): array
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
     * @param  list<int>  $leading  suspects
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
     * @param  array<int, non-empty-list<Fit>>  $fits
     * @return non-empty-list<float>
     */
    private function weighed(array $fits): array
    {
        $weights = $this->prior;
        foreach ($fits as $piece) {
            $weights = array_map(static fn (float $w, Fit $f): float => $w * $f->likelihood(), $weights, $piece);
            $most = max($weights);
            $weights = array_map(static fn (float $w): float => $w / $most, $weights);
        }
        $sum = array_sum($weights);

        return array_map(static fn (float $w): float => $w / $sum, $weights);
    }

    /** @param  non-empty-list<float>  $weights */
    private static function first(array $weights): int
    {
        return (int) array_search(max($weights), $weights, true);
    }
}
