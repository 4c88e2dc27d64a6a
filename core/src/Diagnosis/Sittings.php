<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Circuit;

/**
 * Which pieces of evidence were gathered while a unit went through one thing: under the same conditions, and with no machine seen to start
 * or stop in between, or on what was left of it when power was cut. A unit that cycles is not in another phase for each of them.
 */
final readonly class Sittings
{
    /** Chance that a unit has gone on to something else from one piece to the next, and nobody noticed. [practice, no published source] */
    private const WENT_ON = 0.15;

    /**
     * @param  list<int>  $of  number of the sitting by piece
     * @param  list<int>  $held  pieces during which nothing goes on to anything else: power was off since the one before
     */
    private function __construct(private array $of, private array $held)
    {
    }

    /** @param  list<Evidence>  $evidence  in the order it was gathered */
    public static function among(Circuit $circuit, array $evidence): self
    {
        $of = $held = $seen = [];
        $sitting = 0;
        $under = null;
        $wasOff = false;
        foreach ($evidence as $piece => $item) {
            $isOff = ! $item->when->conditions->isEnergised($circuit);
            $conditions = self::under($item->when, $circuit);
            $part = $item->test instanceof Look ? $item->test->part : '';
            $hasMoved = ! $isOff && $part !== '' && ($seen[$part] ?? $item->shown) !== $item->shown;
            // what is left once power is off is left of what was last seen; when power comes back it begins anew
            $isOther = $hasMoved || $under !== $conditions || $wasOff && ! $isOff || $item->test->act()->asItStarts;
            [$sitting, $seen, $under] = $isOther ? [$sitting + 1, [], $conditions] : [$sitting, $seen, $under];
            if ($part !== '' && ! $isOff) {
                $seen[$part] = $item->shown;
            }
            if ($isOff && $wasOff && ! $isOther) {
                $held[] = $piece;
            }
            $of[] = $sitting;
            $wasOff = $isOff;
        }

        return new self($of, $held);
    }

    /** What a unit is fed under, or was until power was cut. What is seen after a start that was noted goes by the story of that start. */
    private static function under(Occasion $when, Circuit $circuit): string
    {
        $isFed = $when->conditions->isEnergised($circuit);

        return $isFed
            ? $when->conditions->key().($when->after === null ? '' : ' started')
            : $when->conditions->energised($circuit)->key();
    }

    /** Whether what is on at the end of one occasion is what there is on another one: the other follows it, and power has not come back. */
    public static function goesOn(Occasion $one, Occasion $other, Circuit $circuit): bool
    {
        $cameBack = $other->conditions->isEnergised($circuit) && ! $one->conditions->isEnergised($circuit);

        return ! $cameBack && self::under($one, $circuit) === self::under($other, $circuit);
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
    public function follow(array $fits): array
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
            $goesOn = match (true) {
                $stayed <= 0.0 => 1.0,
                in_array($piece, $this->held, true) => 0.0,
                default => self::WENT_ON,
            };
            $all = 0.0;
            $then = [];
            foreach ($fit->scenes as $scene => [$share, $likelihood]) {
                $stay = $stayed > 0.0 ? (1 - $goesOn) * ($stays[$scene] ?? 0.0) / $stayed : 0.0;
                $all += $then[$scene] = ($stay + $goesOn * $share) * $likelihood;
            }
            $likelihoods[$piece] = $all;
            $now = $all > 0.0 ? array_map(static fn (float $p): float => $p / $all, $then) : [];
        }

        return [$likelihoods, $now];
    }
}
