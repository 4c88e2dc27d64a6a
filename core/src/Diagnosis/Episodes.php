<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/**
 * Which pieces of evidence belong together for a fault that comes and goes: it is there for all of them, or for none. A machine that is
 * seen to do something else than before, with nothing changed, begins the next episode.
 */
final readonly class Episodes
{
    /**
     * @param  list<int>  $of  number of the episode by piece
     * @param  list<string>  $seen  by piece, what was seen and where; empty for what was not just seen
     */
    private function __construct(private array $of, private array $seen)
    {
    }

    /** @param  list<Evidence>  $evidence  in the order it was gathered */
    public static function among(array $evidence): self
    {
        $of = $all = $seen = [];
        $episode = 0;
        foreach ($evidence as $item) {
            $key = $item->whenever();
            if ($item->test instanceof Look) {
                if (($seen[$key] ?? $item->shown) !== $item->shown) {
                    $episode++;
                    $seen = [];
                }
                $seen[$key] = $item->shown;
            }
            $of[] = $episode;
            $all[] = $item->test instanceof Look ? "$key $item->shown" : '';
        }

        return new self($of, $all);
    }

    /**
     * Those of some pieces that have been seen just so in an earlier episode: a machine that goes on and off says nothing new by it.
     *
     * @param  list<int>  $pieces
     * @return array<int, true>
     */
    public function again(array $pieces): array
    {
        $first = $again = [];
        foreach ($pieces as $piece) {
            $seen = $this->seen[$piece];
            if ($seen !== '' && ($first[$seen] ?? $this->of[$piece]) !== $this->of[$piece]) {
                $again[$piece] = true;
            }
            $first[$seen] ??= $this->of[$piece];
        }

        return $again;
    }

    /** Whether a machine has been seen to do one thing and then another. */
    public function areSeveral(): bool
    {
        return max([0, ...$this->of]) > 0;
    }

    /** Whether two pieces belong to one episode. */
    public function together(int $one, int $other): bool
    {
        return $this->of[$one] === $this->of[$other];
    }

    /**
     * How much likelier each further piece makes a fault that comes and goes: in an episode it is there or it is not, half of the time
     * each.
     *
     * @param  array<int, float>  $sound  likelihoods by piece, in order, without the fault
     * @param  array<int, float>  $failed  the same with it
     * @return array<int, float> by piece; together they come to the likelihood of all
     */
    public function factors(array $sound, array $failed): array
    {
        $factors = [];
        $again = $this->again(array_keys($sound));
        $now = -1;
        $there = 0.5;
        foreach ($sound as $piece => $likelihood) {
            [$now, $there] = $this->of[$piece] === $now ? [$now, $there] : [$this->of[$piece], 0.5];
            $factor = max((1 - $there) * $likelihood + $there * $failed[$piece], PHP_FLOAT_MIN);
            $there = $there * $failed[$piece] / $factor;
            $factors[$piece] = isset($again[$piece]) ? 1.0 : $factor;
        }

        return $factors;
    }

    /**
     * Chance that a fault that comes and goes is there now.
     *
     * @param  array<int, float>  $sound  likelihoods by piece, in order, without the fault
     * @param  array<int, float>  $failed  the same with it
     */
    public function isThere(array $sound, array $failed): float
    {
        $last = $this->of === [] ? 0 : max($this->of);
        $odds = 1.0;
        foreach (array_keys($this->of, $last, true) as $piece) {
            $odds *= $failed[$piece] / max($sound[$piece], PHP_FLOAT_MIN);
        }

        return $odds / (1 + $odds);
    }
}
