<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

/** The line from a point down to the last row that hangs from it. */
final readonly class Vertical
{
    /**
     * @param  float  $x  where it comes down to the last row
     * @param  int  $first  number of the row that its point is drawn on
     * @param  int  $last  number of the last row that hangs from it
     */
    public function __construct(public string $point, public float $x, public int $first, public int $last)
    {
    }

    /** Some rows more are put in. */
    public function making(int $at, int $rows): self
    {
        return $this->last < $at
            ? $this
            : new self($this->point, $this->x, $this->first < $at ? $this->first : $this->first + $rows, $this->last + $rows);
    }

    /** Another row hangs from it, at some x. */
    public function downTo(int $row, float $x): self
    {
        return $row < $this->last ? $this : new self($this->point, $x, $this->first, $row);
    }

    /**
     * Whether it runs downward, and none of some rows lies across it.
     *
     * @param  list<PlacedRow>  $rows
     * @param  int  $from  number of the first of them
     */
    public function isClearOf(array $rows, int $from): bool
    {
        if ($this->first >= $this->last) {
            return false;
        }
        $end = min(count($rows), $this->last - $from);
        for ($n = max(0, $this->first + 1 - $from); $n < $end; $n++) {
            if ($rows[$n]->isAcross($this->x, $this->point)) {
                return false;
            }
        }

        return true;
    }

    /**
     * Whether it and another one run in one place.
     *
     * @param  array<string, self>  $verticals
     */
    public function isBesideAny(array $verticals): bool
    {
        foreach ($verticals as $other) {
            if (
                $other->point !== $this->point && abs($other->x - $this->x) < Columns::GRID / 2
                && $other->first < $this->last && $this->first < $other->last
            ) {
                return true;
            }
        }

        return false;
    }
}
