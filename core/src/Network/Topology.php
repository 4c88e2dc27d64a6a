<?php

declare(strict_types=1);

namespace Levin\Core\Network;

/**
 * Who is joined to whom, worked out once for a circuit: an elimination order and, for every number that elimination
 * will need, where it comes from.
 *
 * The indefinite admittance matrix of any floating network has rows that sum to zero, so the diagonal is never stored:
 * each node keeps what it has to earth instead, and a pivot is the sum of a node's admittances. For ordinary elements no two
 * nearly equal numbers are then subtracted, and an island that hangs by picofarads is solved as exactly as a stiff one.
 *
 * Indices: an entry is a directed pair (row, column) in the filled matrix. `own[e]` lists the branch values that add up to it,
 * as value, sign, value, sign…; `fill[e]` the earlier eliminations that change it, as lower entry, upper entry…
 */
final readonly class Topology
{
    /**
     * @param  list<int>  $order  nodes in order of elimination
     * @param  array<int, int>  $rank  place of each node in the order
     * @param  array<int, int>  $next  per node, the first of its neighbours at elimination to go after it, or −1
     * @param  list<array<int, int>>  $upper  per node, its neighbours at elimination by the entry (node, neighbour)
     * @param  list<array<int, int>>  $lower  the same by the entry (neighbour, node)
     * @param  list<list<int>>  $both  per node, the entries of both
     * @param  list<list<int>>  $own  per entry
     * @param  list<list<int>>  $fill  per entry
     * @param  array<int, list<int>>  $earthOwn  per node, branch values to earth
     * @param  list<list<int>>  $earthFill  per node, lower entry and eliminated node
     * @param  list<int>  $offset  per branch, the index of its first value
     * @param  list<list<int>>  $touched  per branch, the first nodes whose elimination it changes
     * @param  list<Branch>  $branches
     * @param  list<array{int, int, int}>  $ports  each with the index of its own admittance, and the nodes it joins
     */
    private function __construct(
        public int $nodes,
        public array $order,
        public array $rank,
        public array $next,
        public array $upper,
        public array $lower,
        public array $both,
        public array $own,
        public array $fill,
        public array $earthOwn,
        public array $earthFill,
        public array $offset,
        public array $touched,
        public array $branches,
        public int $values,
        public array $ports,
    ) {
    }

    /** @param  list<Branch>  $branches */
    public static function of(int $nodes, array $branches): self
    {
        $offset = [];
        $values = 0;
        $terms = [];          // row → column → list of value, sign
        $earthOwn = array_fill(0, $nodes, []);
        $links = array_fill(0, $nodes, []);
        $touch = [];
        foreach ($branches as $b => $branch) {
            $offset[$b] = $values;
            $touch[$b] = [];
            $ports = $branch->isCoupled()
                ? [[$branch->nodes[0], $branch->nodes[1]], [$branch->nodes[2], $branch->nodes[3]]]
                : [[$branch->nodes[0], $branch->nodes[1]]];
            $count = count($ports);
            for ($i = 0; $i < $count; $i++) {
                for ($j = 0; $j < $count; $j++) {
                    $value = $values + $i * $count + $j;
                    foreach ([1, -1] as $r => $rowSign) {
                        $row = $ports[$i][$r];
                        if ($row < 0) {
                            continue;
                        }
                        foreach ([1, -1] as $c => $columnSign) {
                            $column = $ports[$j][$c];
                            $sign = $rowSign * $columnSign;
                            if ($column === $row) {
                                continue;
                            }
                            $touch[$b][$row] = true;
                            if ($column < 0) {
                                array_push($earthOwn[$row], $value, -$sign);

                                continue;
                            }
                            $terms[$row][$column][] = $value;
                            $terms[$row][$column][] = $sign;
                            $links[$row][$column] = true;
                            $links[$column][$row] = true;
                            $touch[$b][$column] = true;
                        }
                    }
                }
            }
            $values += $count * $count;
        }

        return self::eliminate($nodes, $branches, $offset, $values, $terms, $earthOwn, $links, $touch);
    }

    /**
     * Minimum-degree elimination on the pattern.
     *
     * @param  list<Branch>  $branches
     * @param  array<int, int>  $offset
     * @param  array<int, array<int, list<int>>>  $terms
     * @param  array<int, list<int>>  $earthOwn
     * @param  array<int, array<int, true>>  $links
     * @param  array<int, array<int, true>>  $touch
     */
    private static function eliminate(
        int $nodes,
        array $branches,
        array $offset,
        int $values,
        array $terms,
        array $earthOwn,
        array $links,
        array $touch,
    ): self {
        $order = [];
        $rank = array_fill(0, $nodes, 0);
        $next = array_fill(0, $nodes, -1);
        $upper = array_fill(0, $nodes, []);
        $lower = array_fill(0, $nodes, []);
        $earthFill = array_fill(0, $nodes, []);
        $own = [];
        $fill = [];
        $entry = [];
        $entryOf = static function (int $row, int $column) use (&$entry, &$own, &$fill, $terms): int {
            if (! isset($entry[$row][$column])) {
                $entry[$row][$column] = count($own);
                $own[] = $terms[$row][$column] ?? [];
                $fill[] = [];
            }

            return $entry[$row][$column];
        };
        $left = array_fill_keys(range(0, max(0, $nodes - 1)), true);
        for ($step = 0; $step < $nodes; $step++) {
            $k = -1;
            $least = PHP_INT_MAX;
            foreach ($left as $node => $_) {
                if (count($links[$node]) < $least) {
                    [$k, $least] = [$node, count($links[$node])];
                }
            }
            unset($left[$k]);
            $order[] = $k;
            $rank[$k] = $step;
            $neighbours = array_keys($links[$k]);
            sort($neighbours);
            foreach ($neighbours as $i) {
                $upper[$k][$entryOf($k, $i)] = $i;
                $lower[$k][$entryOf($i, $k)] = $i;
            }
            foreach ($lower[$k] as $down => $i) {
                unset($links[$i][$k]);
                array_push($earthFill[$i], $down, $k);
                foreach ($upper[$k] as $up => $j) {
                    if ($i !== $j) {
                        $links[$i][$j] = true;
                        array_push($fill[$entryOf($i, $j)], $down, $up);
                    }
                }
            }
        }
        foreach ($upper as $k => $neighbours) {
            foreach ($neighbours as $i) {
                $next[$k] = $next[$k] < 0 || $rank[$i] < $rank[$next[$k]] ? $i : $next[$k];
            }
        }

        return new self(
            $nodes, $order, $rank, array_values($next), $upper, $lower,
            array_map(static fn (array $up, array $down): array => [...array_keys($up), ...array_keys($down)], $upper, $lower),
            $own, $fill, $earthOwn, $earthFill,
            array_values($offset), array_values(array_map(array_keys(...), $touch)), $branches, $values,
            self::portsOf($branches, $offset),
        );
    }

    /**
     * @param  list<Branch>  $branches
     * @param  array<int, int>  $offset
     * @return list<array{int, int, int}>
     */
    private static function portsOf(array $branches, array $offset): array
    {
        $ports = [];
        foreach ($branches as $b => $branch) {
            foreach (array_chunk($branch->nodes, 2) as $port => [$a, $c]) {
                $ports[] = [$offset[$b] + 3 * $port, $a, $c];
            }
        }

        return $ports;
    }

    /**
     * The nodes to eliminate again when the values of these branches change: their own, and all that follow from them.
     *
     * @param  iterable<int>  $branches
     * @return list<int> in order of elimination
     */
    public function affected(iterable $branches): array
    {
        $marked = [];
        foreach ($branches as $b) {
            foreach ($this->touched[$b] as $node) {
                while ($node >= 0 && ! isset($marked[$this->rank[$node]])) {
                    $marked[$this->rank[$node]] = $node;
                    $node = $this->next[$node];
                }
            }
        }
        ksort($marked);

        return array_values($marked);
    }
}
