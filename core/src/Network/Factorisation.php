<?php

declare(strict_types=1);

namespace Levin\Core\Network;

/**
 * A network with values in it, eliminated and ready to solve.
 *
 * with() re-eliminates only what a change touches and leaves this one as it was.
 */
final class Factorisation
{
    /** @var array<int, float> */
    private array $re;

    /** @var array<int, float> */
    private array $im;

    /** @var array<int, float> entries: in the upper part the reduced matrix, in the lower part its multipliers */
    private array $entryRe;

    /** @var array<int, float> */
    private array $entryIm;

    /** @var array<int, float> what each node has to earth once all before it are gone */
    private array $earthRe;

    /** @var array<int, float> */
    private array $earthIm;

    /** @var array<int, float> inverse pivots */
    private array $pivotRe;

    /** @var array<int, float> */
    private array $pivotIm;

    /**
     * @param  array<int, float>  $re  branch values, siemens, in the order of Topology
     * @param  array<int, float>  $im
     *
     * @throws FloatingNode when a node has no admittance at all
     */
    public function __construct(public readonly Topology $topology, array $re, array $im)
    {
        $this->re = $re;
        $this->im = $im;
        $entries = count($topology->own);
        $this->entryRe = $this->entryIm = $entries > 0 ? array_fill(0, $entries, 0.0) : [];
        $this->earthRe = $this->earthIm = $this->pivotRe = $this->pivotIm = array_fill(0, $topology->nodes, 0.0);
        $this->eliminate($topology->order);
    }

    /**
     * The same network with other values on some branches.
     *
     * @param  array<int, list<float>>  $changes  per branch: re, im, re, im…
     */
    public function with(array $changes): self
    {
        $copy = clone $this;
        foreach ($changes as $branch => $values) {
            $at = $this->topology->offset[$branch];
            $count = $this->topology->branches[$branch]->values();
            for ($i = 0; $i < $count; $i++) {
                $copy->re[$at + $i] = $values[2 * $i];
                $copy->im[$at + $i] = $values[2 * $i + 1];
            }
        }
        $copy->eliminate($this->topology->affected(array_keys($changes)));

        return $copy;
    }

    /**
     * Of some changes, those that change anything: many faults are nothing to a d.c. solve.
     *
     * @param  array<int, list<float>>  $changes  per branch: re, im, re, im…
     * @return array<int, list<float>>
     */
    public function differing(array $changes): array
    {
        foreach ($changes as $branch => $values) {
            $at = $this->topology->offset[$branch];
            $count = $this->topology->branches[$branch]->values();
            $same = true;
            for ($i = 0; $i < $count && $same; $i++) {
                $same = $this->re[$at + $i] == $values[2 * $i] && $this->im[$at + $i] == $values[2 * $i + 1];
            }
            if ($same) {
                unset($changes[$branch]);
            }
        }

        return $changes;
    }

    /**
     * Node voltages for injected currents.
     *
     * @param  array<int, float>  $injectRe  amperes into each node, missing nodes none
     * @param  array<int, float>  $injectIm
     * @return array{array<int, float>, array<int, float>} real and imaginary parts, volts against earth
     */
    public function solve(array $injectRe, array $injectIm = []): array
    {
        $t = $this->topology;
        $xr = $xi = array_fill(0, $t->nodes, 0.0);
        foreach ($injectRe as $node => $value) {
            $xr[$node] = $value;
        }
        foreach ($injectIm as $node => $value) {
            $xi[$node] = $value;
        }
        $er = $this->entryRe;
        $ei = $this->entryIm;
        $lower = $t->lower;
        foreach ($t->order as $k) {
            $br = $xr[$k];
            $bi = $xi[$k];
            if ($br == 0.0 && $bi == 0.0) {
                continue;
            }
            foreach ($lower[$k] as $e => $i) {
                $xr[$i] -= $er[$e] * $br - $ei[$e] * $bi;
                $xi[$i] -= $er[$e] * $bi + $ei[$e] * $br;
            }
        }
        $upper = $t->upper;
        $pivotRe = $this->pivotRe;
        $pivotIm = $this->pivotIm;
        foreach (array_reverse($t->order) as $k) {
            $br = $xr[$k];
            $bi = $xi[$k];
            foreach ($upper[$k] as $e => $i) {
                $br -= $er[$e] * $xr[$i] - $ei[$e] * $xi[$i];
                $bi -= $er[$e] * $xi[$i] + $ei[$e] * $xr[$i];
            }
            $pr = $pivotRe[$k];
            $pi = $pivotIm[$k];
            $xr[$k] = $br * $pr - $bi * $pi;
            $xi[$k] = $br * $pi + $bi * $pr;
        }

        return [$xr, $xi];
    }

    /**
     * The impedance seen between two nodes with all sources dead, ohms. Node −1 is earth.
     */
    public function impedanceBetween(int $a, int $b): Complex
    {
        $inject = [];
        if ($a >= 0) {
            $inject[$a] = 1.0;
        }
        if ($b >= 0) {
            $inject[$b] = -1.0;
        }
        [$re, $im] = $this->solve($inject);

        return new Complex(($a < 0 ? 0.0 : $re[$a]) - ($b < 0 ? 0.0 : $re[$b]), ($a < 0 ? 0.0 : $im[$a]) - ($b < 0 ? 0.0 : $im[$b]));
    }

    /** @return list<float> magnitude of each port's own admittance of a branch, siemens */
    public function portAdmittances(int $branch): array
    {
        $at = $this->topology->offset[$branch];
        $own = $this->topology->branches[$branch]->isCoupled() ? [$at, $at + 3] : [$at];

        return array_map(fn (int $v): float => hypot($this->re[$v], $this->im[$v]), $own);
    }

    /**
     * Which nodes hang together by more than so many siemens.
     *
     * @return array{list<int>, string} piece of each node, 0 the one earth is in, the others counted up; and all that is weaker, packed
     */
    public function pieces(float $siemens): array
    {
        $earth = $this->topology->nodes;
        $up = range(0, $earth);
        $weak = [];
        foreach ($this->topology->ports as [$at, $a, $b]) {
            [$re, $im] = [$this->re[$at], $this->im[$at]];
            if ($re * $re + $im * $im > $siemens * $siemens) {
                $up[self::top($up, $a < 0 ? $earth : $a)] = self::top($up, $b < 0 ? $earth : $b);
            } else {
                $weak[] = $re;
                $weak[] = $im;
            }
        }
        $numbers = [self::top($up, $earth) => 0];
        $pieces = [];
        for ($node = 0; $node < $earth; $node++) {
            $pieces[] = $numbers[self::top($up, $node)] ??= count($numbers);
        }

        return [$pieces, pack('e*', ...$weak)];
    }

    /**
     * The top of the tree that a node is in; the way there is shorter afterwards.
     *
     * @param  array<int, int>  $up  the next node on the way, its own for a top
     */
    private static function top(array &$up, int $node): int
    {
        while ($up[$node] !== $node) {
            $node = $up[$node] = $up[$up[$node]];
        }

        return $node;
    }

    /** @param  list<int>  $nodes in order of elimination */
    private function eliminate(array $nodes): void
    {
        // this runs millions of times in a diagnosis: everything in local variables, nothing called
        $t = $this->topology;
        $vr = $this->re;
        $vi = $this->im;
        [$er, $ei, $hr, $hi] = [$this->entryRe, $this->entryIm, $this->earthRe, $this->earthIm];
        $this->entryRe = $this->entryIm = $this->earthRe = $this->earthIm = [];
        $ownOf = $t->own;
        $fillOf = $t->fill;
        foreach ($nodes as $k) {
            $gr = $gi = 0.0;
            $own = $t->earthOwn[$k];
            for ($n = 0, $c = count($own); $n < $c; $n += 2) {
                $gr += $own[$n + 1] * $vr[$own[$n]];
                $gi += $own[$n + 1] * $vi[$own[$n]];
            }
            $fill = $t->earthFill[$k];
            for ($n = 0, $c = count($fill); $n < $c; $n += 2) {
                $lr = $er[$fill[$n]];
                $li = $ei[$fill[$n]];
                $xr = $hr[$fill[$n + 1]];
                $xi = $hi[$fill[$n + 1]];
                $gr -= $lr * $xr - $li * $xi;
                $gi -= $lr * $xi + $li * $xr;
            }
            $hr[$k] = $gr;
            $hi[$k] = $gi;
            // one entry of the reduced matrix after another, from its branches and the eliminations before it
            foreach ($t->both[$k] as $e) {
                $r = $i = 0.0;
                $own = $ownOf[$e];
                for ($n = 0, $c = count($own); $n < $c; $n += 2) {
                    $r += $own[$n + 1] * $vr[$own[$n]];
                    $i += $own[$n + 1] * $vi[$own[$n]];
                }
                $fill = $fillOf[$e];
                for ($n = 0, $c = count($fill); $n < $c; $n += 2) {
                    $lr = $er[$fill[$n]];
                    $li = $ei[$fill[$n]];
                    $xr = $er[$fill[$n + 1]];
                    $xi = $ei[$fill[$n + 1]];
                    $r -= $lr * $xr - $li * $xi;
                    $i -= $lr * $xi + $li * $xr;
                }
                $er[$e] = $r;
                $ei[$e] = $i;
            }
            foreach ($t->upper[$k] as $e => $_) {
                $gr -= $er[$e];
                $gi -= $ei[$e];
            }
            $square = $gr * $gr + $gi * $gi;
            if ($square == 0.0) {
                throw FloatingNode::at($k);
            }
            $this->pivotRe[$k] = $pr = $gr / $square;
            $this->pivotIm[$k] = $pi = -$gi / $square;
            foreach ($t->lower[$k] as $e => $_) {
                $r = $er[$e];
                $i = $ei[$e];
                $er[$e] = $r * $pr - $i * $pi;
                $ei[$e] = $r * $pi + $i * $pr;
            }
        }
        [$this->entryRe, $this->entryIm, $this->earthRe, $this->earthIm] = [$er, $ei, $hr, $hi];
    }
}
