<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/**
 * Which pieces of evidence were gathered while a unit went through one thing: under the same conditions, and with no machine seen to start
 * or stop in between. A unit that cycles is not in another phase for each of them.
 */
final readonly class Sittings
{
    /** Chance that a unit has gone on to something else from one piece to the next, and nobody noticed. [practice, no published source] */
    private const WENT_ON = 0.15;

    /** @param  list<int>  $of  number of the sitting by piece */
    private function __construct(private array $of)
    {
    }

    /** @param  list<Evidence>  $evidence  in the order it was gathered */
    public static function among(array $evidence): self
    {
        $of = $seen = [];
        $sitting = 0;
        $under = null;
        foreach ($evidence as $item) {
            // what is seen after a start that was noted goes by the story of that start
            $conditions = $item->when->conditions->key().($item->when->after === null ? '' : ' started');
            $part = $item->test instanceof Look ? $item->test->part : '';
            $hasMoved = $part !== '' && ($seen[$part] ?? $item->shown) !== $item->shown;
            $isOther = $hasMoved || $under !== $conditions || $item->test->act()->asItStarts;
            [$sitting, $seen, $under] = $isOther ? [$sitting + 1, [], $conditions] : [$sitting, $seen, $under];
            if ($part !== '') {
                $seen[$part] = $item->shown;
            }
            $of[] = $sitting;
        }

        return new self($of);
    }

    /**
     * Some pieces by the sitting they belong to.
     *
     * @param  list<int>  $pieces
     * @return list<non-empty-list<int>>
     */
    public function of(array $pieces): array
    {
        $sittings = [];
        foreach ($pieces as $piece) {
            $sittings[$this->of[$piece]][] = $piece;
        }

        return array_values($sittings);
    }

    /** @return list<int> all that belong to one sitting with a piece */
    public function with(int $piece): array
    {
        return array_keys($this->of, $this->of[$piece], true);
    }

    /** @return list<int> the pieces of the last one */
    public function last(): array
    {
        return $this->of === [] ? [] : array_keys($this->of, max($this->of), true);
    }

    /**
     * How likely each piece is after those before it, and which scene a variant is in after all of them: a hidden Markov chain's
     * forward pass (textbook), from the shares of the time.
     *
     * @param  array<int, Fit>  $fits  one variant's, of one sitting, by piece, in order
     * @return array{array<int, float>, array<int, float>} likelihood by piece; chance of each scene, none where it makes no difference
     */
    public static function follow(array $fits): array
    {
        $likelihoods = $now = [];
        foreach ($fits as $piece => $fit) {
            if ($fit->scenes === []) {
                $likelihoods[$piece] = $fit->likelihood();

                continue;
            }
            // where it was in what it could be in at the time as well, it is most probably still there
            $stays = array_intersect_key($now, $fit->scenes);
            $stayed = array_sum($stays);
            $goesOn = $stayed > 0.0 ? self::WENT_ON : 1.0;
            $all = 0.0;
            $then = [];
            foreach ($fit->scenes as $scene => [$share, $likelihood]) {
                $stay = $stayed > 0.0 ? (1 - self::WENT_ON) * ($stays[$scene] ?? 0.0) / $stayed : 0.0;
                $all += $then[$scene] = ($stay + $goesOn * $share) * $likelihood;
            }
            $likelihoods[$piece] = $all;
            $now = $all > 0.0 ? array_map(static fn (float $p): float => $p / $all, $then) : [];
        }

        return [$likelihoods, $now];
    }
}
