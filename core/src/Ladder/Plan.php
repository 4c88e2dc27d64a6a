<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

/** The rows of one section, and which point must lie left of which. */
final class Plan
{
    /** @var list<array{0: string, 1: list<Edge>}> start and edges of each row */
    public array $rows = [];

    /** @var array<string, float> provisional position of each placed point */
    private array $placed = [];

    /** @var list<array{0: string, 1: string, 2: float}> left, right, least distance */
    private array $order = [];

    /** @param  array{0: string, 1: string}|null  $rails */
    public function __construct(public readonly string $title, public readonly ?array $rails)
    {
        if ($rails !== null) {
            $this->order[] = [$rails[0], $rails[1], Edge::WIRE + Edge::SYMBOL];
            $this->placed = $this->longest();
        }
    }

    /** @return array<string, float> */
    public function placed(): array
    {
        return $this->placed;
    }

    /**
     * A row that stands by itself, left aligned.
     *
     * @param  list<Edge>  $edges
     */
    public function addRow(string $start, array $edges): void
    {
        $this->add($start, $edges);
    }

    /**
     * A row between two placed points, or from one to a point drawn in another section, turned so that it runs left to right.
     *
     * @param  list<Edge>  $edges
     */
    public function addEar(string $start, array $edges): void
    {
        $end = $start;
        foreach ($edges as $edge) {
            $end = $edge->other($end);
        }
        $backwards = isset($this->placed[$end])
            ? isset($this->placed[$start]) && $this->isLeftOf($end, $start)
            : $start === ($this->rails[1] ?? null);
        $backwards ? $this->add($end, array_reverse($edges)) : $this->add($start, $edges);
    }

    /** @param  list<Edge>  $edges */
    private function add(string $start, array $edges): void
    {
        $at = $start;
        foreach ($edges as $edge) {
            $to = $edge->other($at);
            $this->order[] = [$at, $to, $edge->width()];
            $at = $to;
        }
        $this->rows[] = [$start, $edges];
        $this->placed = $this->longest();
    }

    public function span(): float
    {
        return $this->placed === [] ? 0.0 : max($this->placed);
    }

    /**
     * Where each point lies when the section is stretched to a width: the right rail at its end, and what ends a row there, from
     * its load on, moved against it, as ladder diagrams have it.
     *
     * @return array<string, float>
     */
    public function positions(float $span): array
    {
        if ($this->rails === null) {
            return $this->placed;
        }
        $latest = $this->latest($span);
        $late = [$this->rails[1] => true];
        foreach ($this->rows as [$start, $edges]) {
            $points = [$start];
            $load = 0;
            foreach ($edges as $n => $edge) {
                $points[] = $edge->other($points[$n]);
                $load = $edge->symbol !== null ? $n : $load;
            }
            if ($points[count($points) - 1] === $this->rails[1]) {
                $late += array_fill_keys(array_slice($points, max(1, $load)), true);
            }
        }
        for ($round = count($latest); $round > 0; $round--) {
            foreach ($this->order as [$a, $b]) {
                $late += isset($late[$a]) ? [$b => true] : [];
            }
        }

        return [...$this->placed, ...array_intersect_key($latest, $late)];
    }

    /** @return array<string, float> the furthest right each point may lie */
    private function latest(float $span): array
    {
        $x = array_fill_keys(array_keys($this->placed), $span);
        for ($round = count($x); $round > 0; $round--) {
            foreach ($this->order as [$a, $b, $width]) {
                $x[$a] = min($x[$a], $x[$b] - $width);
            }
        }

        return $x;
    }

    private function isLeftOf(string $a, string $b): bool
    {
        return ($this->rails[0] ?? null) === $a || ($this->rails[1] ?? null) === $b || $this->placed[$a] < $this->placed[$b];
    }

    /** @return array<string, float> longest way from the left to each point */
    private function longest(): array
    {
        $x = [];
        foreach ($this->order as [$a, $b]) {
            $x[$a] = $x[$b] = 0.0;
        }
        for ($round = count($x); $round > 0; $round--) {
            $moved = false;
            foreach ($this->order as [$a, $b, $width]) {
                if ($x[$b] < $x[$a] + $width) {
                    $x[$b] = $x[$a] + $width;
                    $moved = true;
                }
            }
            if (! $moved) {
                break;
            }
        }

        return $x;
    }
}
