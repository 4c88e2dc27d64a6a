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
    /**
     * @param  list<int>  $of  number of the sitting by piece
     * @param  array<int, true>  $held  pieces during which nothing goes on to anything else: power was off since the one before
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
                $held[$piece] = true;
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

    /** Whether nothing goes on to anything else between the piece before and this one. */
    public function isHeld(int $piece): bool
    {
        return isset($this->held[$piece]);
    }
}
