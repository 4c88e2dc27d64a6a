<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

/**
 * Which row lies under which. What hangs from a point hangs from a vertical; a row may lie under a vertical's beginning and end,
 * and beside it, but none lies across it. What finds no such place gets the name of its point instead of a vertical.
 */
final class Stack
{
    /** @var list<list<PlacedRow>> bundles from the top */
    private array $bundles = [];

    /**
     * From the top.
     *
     * @return list<PlacedRow>
     */
    public function rows(): array
    {
        return array_merge(...$this->bundles);
    }

    /**
     * @param  list<PlacedRow>  $bundle
     * @return bool whether there was a place for it
     */
    public function put(array $bundle): bool
    {
        foreach ($this->places($bundle) as $place) {
            $bundles = [...array_slice($this->bundles, 0, $place), $bundle, ...array_slice($this->bundles, $place)];
            if (self::isClear(array_merge(...$bundles))) {
                $this->bundles = $bundles;

                return true;
            }
        }

        return false;
    }

    /**
     * Where it may go: at the end what hangs from nothing; right below what it hangs from, or further down, what does.
     *
     * @param  list<PlacedRow>  $bundle
     * @return list<int>
     */
    private function places(array $bundle): array
    {
        $own = array_merge(...array_map(static fn (PlacedRow $r): array => $r->row->own, $bundle));
        $least = 0;
        $hangs = false;
        foreach ($bundle as $placed) {
            foreach ([$placed->row->left, $placed->row->right] as $end) {
                if ($end->kind === EndKind::Hang && ! in_array($end->point, $own, true)) {
                    $hangs = true;
                    $least = max($least, $this->homeOf($end->point) + 1);
                }
            }
        }
        $last = count($this->bundles);

        return $hangs ? range($least, $last) : [$last];
    }

    private function homeOf(string $point): int
    {
        foreach ($this->bundles as $n => $bundle) {
            foreach ($bundle as $placed) {
                if (in_array($point, $placed->row->own, true)) {
                    return $n;
                }
            }
        }

        return count($this->bundles);
    }

    /** @param  list<PlacedRow>  $rows */
    private static function isClear(array $rows): bool
    {
        $home = [];
        $lowest = [];
        foreach ($rows as $n => $placed) {
            foreach ($placed->row->own as $point) {
                $home[$point] = $n;
            }
            foreach ($placed->hangs() as $point => $x) {
                $lowest[$point] = ['n' => $n, 'x' => $x];
            }
        }
        foreach ($lowest as $point => ['n' => $last, 'x' => $x]) {
            $first = $home[$point] ?? null;
            if ($first === null || $first >= $last) {
                return false;
            }
            for ($n = $first + 1; $n < $last; $n++) {
                if ($rows[$n]->isAcross($x, (string) $point)) {
                    return false;
                }
            }
            foreach ($lowest as $other => ['n' => $otherLast, 'x' => $otherX]) {
                $beside = $other !== $point && abs($otherX - $x) < Columns::GRID / 2;
                if ($beside && ($home[$other] ?? $otherLast) < $last && $first < $otherLast) {
                    return false;
                }
            }
        }

        return true;
    }
}
