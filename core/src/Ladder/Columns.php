<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

/** What must lie left of what, and how far; and what lies in one column. */
final class Columns
{
    /** Whatever is not in one column is at least so far apart, in drawing units. */
    public const GRID = 24.0;

    /** @param  float  $grid  distances are multiples of it */
    public function __construct(private readonly float $grid = self::GRID)
    {
    }

    /** @var array<string, string> the column that a key was put into */
    private array $same = [];

    /** @var array<string, array<string, float>> least distance, by left and right column */
    private array $after = [];

    /** @var array<string, float>|null */
    private ?array $positions = null;

    public function add(string $left, string $right, float $distance): void
    {
        [$left, $right] = [$this->column($left), $this->column($right)];
        $distance = ceil($distance / $this->grid) * $this->grid;
        $this->after[$left][$right] = max($distance, $this->after[$left][$right] ?? 0.0);
        $this->after[$right] ??= [];
        $this->positions = null;
    }

    public function isLeftOf(string $left, string $right): bool
    {
        return isset($this->beyond($this->column($left))[$this->column($right)]);
    }

    /** Puts two into one column, unless one of them has to lie left of the other. */
    public function align(string $a, string $b): void
    {
        [$a, $b] = [$this->column($a), $this->column($b)];
        if ($a === $b || $this->isLeftOf($a, $b) || $this->isLeftOf($b, $a)) {
            return;
        }
        $this->same[$b] = $a;
        foreach ($this->after[$b] ?? [] as $right => $distance) {
            $this->after[$a][$right] = max($distance, $this->after[$a][$right] ?? 0.0);
        }
        unset($this->after[$b]);
        foreach ($this->after as $left => $rights) {
            if (isset($rights[$b])) {
                $this->after[$left][$a] = max($rights[$b], $rights[$a] ?? 0.0);
                unset($this->after[$left][$b]);
            }
        }
        $this->positions = null;
    }

    /** As far left as it may lie. */
    public function at(string $key): float
    {
        $this->positions ??= $this->earliest();

        return $this->positions[$this->column($key)] ?? 0.0;
    }

    public function width(): float
    {
        $this->positions ??= $this->earliest();

        return max([0.0, ...array_values($this->positions)]);
    }

    /**
     * Moves some as far right as they may lie, and whatever has to lie right of them.
     *
     * @param  list<string>  $keys
     * @param  string  $last  nothing lies right of it
     * @param  float  $at  where it lies
     */
    public function pushRight(array $keys, string $last, float $at): void
    {
        $this->positions ??= $this->earliest();
        $late = [];
        foreach ($keys as $key) {
            $late += [$this->column($key) => true] + $this->beyond($this->column($key));
        }
        $latest = [];
        foreach (array_keys($this->after) as $key) {
            $this->latest($key, $at, $latest);
        }
        $this->positions = array_replace($this->positions, array_intersect_key($latest, $late), [$this->column($last) => $at]);
    }

    private function column(string $key): string
    {
        while (isset($this->same[$key])) {
            $key = $this->same[$key];
        }

        return $key;
    }

    /** @return array<string, true> every column right of one */
    private function beyond(string $column): array
    {
        $beyond = [];
        $queue = [$column];
        while ($queue !== []) {
            foreach (array_keys($this->after[array_pop($queue)] ?? []) as $right) {
                if (! isset($beyond[$right])) {
                    $beyond[$right] = true;
                    $queue[] = $right;
                }
            }
        }

        return $beyond;
    }

    /** @return array<string, float> */
    private function earliest(): array
    {
        $waits = array_fill_keys(array_keys($this->after), 0);
        foreach ($this->after as $rights) {
            foreach (array_keys($rights) as $right) {
                $waits[$right]++;
            }
        }
        $x = array_fill_keys(array_keys($this->after), 0.0);
        $ready = array_keys(array_filter($waits, static fn (int $n): bool => $n === 0));
        while ($ready !== []) {
            $left = array_pop($ready);
            foreach ($this->after[$left] as $right => $distance) {
                $x[$right] = max($x[$right], $x[$left] + $distance);
                if (--$waits[$right] === 0) {
                    $ready[] = $right;
                }
            }
        }

        return $x;
    }

    /**
     * @param  array<string, float>  $latest
     */
    private function latest(string $key, float $furthest, array &$latest): float
    {
        if (isset($latest[$key])) {
            return $latest[$key];
        }
        $x = $furthest;
        foreach ($this->after[$key] ?? [] as $right => $distance) {
            $x = min($x, $this->latest($right, $furthest, $latest) - $distance);
        }

        return $latest[$key] = $x;
    }
}
