<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

/**
 * Which row lies under which. What hangs from a point hangs from a vertical; a row may lie under a vertical's beginning and end,
 * and beside it, but none lies across it. What finds no such place gets the name of its point instead of a vertical.
 */
final class Stack
{
    /** @var list<PlacedRow> from the top */
    private array $rows = [];

    /** @var list<int> number of the first row of each bundle, and last how many rows there are */
    private array $begins = [0];

    /** @var array<string, int> number of the row that a point is drawn on */
    private array $homes = [];

    /** @var array<string, Vertical> by the point that each hangs from */
    private array $verticals = [];

    /**
     * From the top.
     *
     * @return list<PlacedRow>
     */
    public function rows(): array
    {
        return $this->rows;
    }

    /**
     * @param  list<PlacedRow>  $bundle
     * @return bool whether there was a place for it
     */
    public function put(array $bundle): bool
    {
        foreach ($this->places($bundle) as $place) {
            if ($this->putAt($bundle, $place)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Where it may go: at the end what hangs from nothing; right below what it hangs from, or further down, what does.
     *
     * @param  list<PlacedRow>  $bundle
     * @return list<int> bundles above it
     */
    private function places(array $bundle): array
    {
        $own = array_merge(...array_map(static fn (PlacedRow $r): array => $r->row->own, $bundle));
        $last = count($this->begins) - 1;
        $least = null;
        foreach ($bundle as $placed) {
            foreach (array_diff(array_keys($placed->hangs), $own) as $point) {
                $least = max($least ?? 0, $this->below($point));
            }
        }

        return range($least ?? $last, $last);
    }

    /** @return int how many bundles lie above whatever hangs from a point; one more than there are where it is not drawn */
    private function below(string $point): int
    {
        $home = $this->homes[$point] ?? PHP_INT_MAX;
        $below = 0;
        foreach ($this->begins as $first) {
            $below += $first <= $home ? 1 : 0;
        }

        return $below;
    }

    /** @param  list<PlacedRow>  $bundle */
    private function putAt(array $bundle, int $place): bool
    {
        $at = $this->begins[$place] ?? null;
        if ($at === null) {
            return false;
        }
        $more = count($bundle);
        [$rows, $homes, $verticals] = [[...$this->rows, ...$bundle], $this->homes, $this->verticals];
        if ($at < count($this->rows)) {
            $rows = [...array_slice($this->rows, 0, $at), ...$bundle, ...array_slice($this->rows, $at)];
            $homes = array_map(static fn (int $n): int => $n < $at ? $n : $n + $more, $homes);
            $verticals = array_map(static fn (Vertical $v): Vertical => $v->making($at, $more), $verticals);
        }
        foreach ($bundle as $n => $placed) {
            $homes += array_fill_keys($placed->row->own, $at + $n);
        }
        $others = [];
        foreach ($bundle as $n => $placed) {
            foreach ($placed->hangs as $point => $x) {
                $first = $homes[$point] ?? null;
                if ($first === null) {
                    return false;
                }
                $others[$point] = ($verticals[$point] ?? new Vertical($point, $x, $first, $at + $n))->downTo($at + $n, $x);
            }
        }
        // what was clear of one another still is: only what is new, or longer than it was, may be in the way or find something there
        foreach (array_diff_key($verticals, $others) as $old) {
            if (! $old->isClearOf($bundle, $at)) {
                return false;
            }
        }
        $verticals = array_replace($verticals, $others);
        foreach ($others as $new) {
            if (! $new->isClearOf($rows, 0) || $new->isBesideAny($verticals)) {
                return false;
            }
        }
        [$this->rows, $this->homes, $this->verticals] = [$rows, $homes, $verticals];
        $this->begins = [
            ...array_slice($this->begins, 0, $place + 1),
            ...array_map(static fn (int $n): int => $n + $more, array_slice($this->begins, $place)),
        ];

        return true;
    }
}
