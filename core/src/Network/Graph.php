<?php

declare(strict_types=1);

namespace Levin\Core\Network;

/**
 * Who is joined to whom by what: the one place for walks over a circuit. Vertices and edges are numbers or names.
 *
 * @template V of array-key
 * @template E of array-key
 */
final class Graph
{
    /** @var array<V, array<E, V>> the vertex at the other end, by vertex and edge */
    private array $ways = [];

    /** @var array<E, array{V, V}> */
    private array $ends = [];

    /**
     * @param  V  $a
     * @param  V  $b
     * @param  E  $edge
     */
    public function join(int|string $a, int|string $b, int|string $edge): void
    {
        $this->ways[$a][$edge] = $b;
        $this->ways[$b][$edge] = $a;
        $this->ends[$edge] = [$a, $b];
    }

    /**
     * Takes an edge away.
     *
     * @param  E  $edge
     */
    public function cut(int|string $edge): void
    {
        foreach ($this->ends[$edge] ?? [] as $vertex) {
            unset($this->ways[$vertex][$edge]);
        }
        unset($this->ends[$edge]);
    }

    /**
     * @param  V  $vertex
     * @return array<E, V> the vertex at the other end of each edge there
     */
    public function at(int|string $vertex): array
    {
        return $this->ways[$vertex] ?? [];
    }

    /**
     * Every vertex that can be reached from some, those included.
     *
     * @param  list<V>  $starts
     * @param  array<V, mixed>  $forbidden  vertices it may not come to
     * @return array<V, true>
     */
    public function reached(array $starts, array $forbidden = []): array
    {
        $reached = array_fill_keys($starts, true);
        while ($starts !== []) {
            foreach ($this->ways[array_pop($starts)] ?? [] as $next) {
                if (! isset($reached[$next]) && ! isset($forbidden[$next])) {
                    $reached[$next] = true;
                    $starts[] = $next;
                }
            }
        }

        return $reached;
    }

    /**
     * The pieces it falls into.
     *
     * @param  list<V>  $vertices  in the order in which their pieces are counted
     * @return array<V, int> number of its piece, by vertex
     */
    public function islands(array $vertices): array
    {
        $island = [];
        $count = 0;
        foreach ($vertices as $vertex) {
            if (! isset($island[$vertex])) {
                $island += array_fill_keys(array_keys($this->reached([$vertex])), $count++);
            }
        }

        return $island;
    }

    /**
     * The shortest way, by number of edges; among equals the one whose edges were joined first.
     *
     * @param  V  $start
     * @param  array<V, mixed>  $ends
     * @param  array<V, mixed>  $forbidden  vertices it may end on but not pass through
     * @return list<E> empty when there is no way
     */
    public function path(int|string $start, array $ends, array $forbidden = []): array
    {
        $from = [$start => null];
        $queue = [$start];
        for ($n = 0; $n < count($queue); $n++) {
            foreach ($this->ways[$queue[$n]] ?? [] as $edge => $next) {
                if (array_key_exists($next, $from) || (isset($forbidden[$next]) && ! isset($ends[$next]))) {
                    continue;
                }
                $from[$next] = [$edge, $queue[$n]];
                if (isset($ends[$next])) {
                    return self::back($from, $next);
                }
                $queue[] = $next;
            }
        }

        return [];
    }

    /**
     * @param  array<V, array{E, V}|null>  $from
     * @param  V  $end
     * @return list<E>
     */
    private static function back(array $from, int|string $end): array
    {
        $path = [];
        for ($at = $end; isset($from[$at]); $at = $from[$at][1]) {
            array_unshift($path, $from[$at][0]);
        }

        return $path;
    }
}
