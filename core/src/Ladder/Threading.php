<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

use Levin\Core\Circuit\Section;

/**
 * Threads a section of a circuit into rows. For each load in the order of the file, and then for whatever is left, a row is the
 * shortest way from the rails, or from what is drawn already, to it and on. So every wire is drawn exactly once, as itself, and a
 * change of the circuit changes the rows that it touches.
 */
final class Threading
{
    /** @var list<Bundle> */
    private array $bundles = [];

    /** @var array<string, true> points drawn here, the rails included */
    private array $here;

    /** @var array<string, true> points drawn in other sections */
    private array $elsewhere = [];

    /** What lies left of what. */
    private readonly Columns $order;

    private readonly Tails $tails;

    /**
     * @param  list<string>  $rails
     * @param  array<string, true>  $allRails  points that are a rail of some section
     */
    public function __construct(
        private readonly OpenEdges $open,
        private readonly array $rails,
        private readonly array $allRails,
    ) {
        $this->here = array_fill_keys($rails, true);
        $this->order = new Columns;
        $this->tails = new Tails;
        foreach (array_slice($rails, 1) as $n => $rail) {
            $this->order->add($rails[$n], $rail, 1.0);
        }
    }

    /** @return list<Bundle> */
    public function bundles(): array
    {
        return $this->bundles;
    }

    /** @return list<string> */
    public function rails(): array
    {
        return $this->rails;
    }

    /** @return array<string, true> */
    public function points(): array
    {
        return $this->here;
    }

    /**
     * What is asked for by its first and its last point; what comes through the same switch stays together.
     *
     * @param  list<array{0: string, 1: string}>  $pairs
     */
    public function between(array $pairs): void
    {
        $bundles = [];
        foreach ($pairs as [$from, $to]) {
            $leg = $this->open->leg($from, [$to => true], [], true);
            if ($leg === null || $leg->edges === []) {
                continue;
            }
            $this->open->draw($leg->edges);
            $part = $leg->lastPart();
            $bundles[$part === '' ? "$from $to" : $part][] = $leg;
        }
        foreach ($bundles as $legs) {
            $rows = [];
            foreach ($legs as $leg) {
                $rows[] = Row::of($this->own($leg->points[0]), $this->own($leg->end), $leg->edges);
            }
            $this->add(new Bundle($rows));
        }
    }

    /** What lies between its rails: through nothing but what is in series with a load, and then through anything. */
    public function within(): void
    {
        foreach ($this->rails === [] ? [] : [false, true] as $through) {
            $this->threadAll($through, $this->here);
        }
    }

    /**
     * What lies between this section and what others have drawn, such as the lead of a third phase.
     *
     * @param  array<string, true>  $elsewhere
     */
    public function beyond(array $elsewhere): void
    {
        $this->elsewhere = array_diff_key($elsewhere + $this->allRails, $this->here);
        foreach ([false, true] as $through) {
            $this->threadAll($through, $this->here + $this->elsewhere);
        }
    }

    /**
     * What hangs from this section and leads nowhere.
     *
     * @param  array<string, true>  $elsewhere
     */
    public function ends(array $elsewhere): void
    {
        $this->elsewhere = array_diff_key($elsewhere + $this->allRails, $this->here);
        foreach ($this->open->left() as $one) {
            $reached = $one instanceof Edge && $this->open->isOpen($one) ? $this->open->reached($one->a) : [];
            if (array_intersect_key($reached, $this->here) !== []) {
                $this->threadLoose($one);
            }
        }
    }

    /**
     * Whatever is left.
     *
     * @param  array<string, true>  $elsewhere
     */
    public function rest(array $elsewhere): void
    {
        $this->elsewhere = $elsewhere + $this->allRails;
        while (($one = $this->open->left()[0] ?? null) !== null) {
            $this->threadLoose($one);
        }
    }

    /** @param  array<string, true>  $targets */
    private function threadAll(bool $through, array $targets): void
    {
        do {
            $moved = false;
            $reaching = $this->open->reaching($targets, $this->allRails, $through);
            foreach ($this->open->left() as $one) {
                foreach ($one instanceof ThreeLines ? $one->points : [$one->a, $one->b] as $point) {
                    if (! isset($reaching[$point])) {
                        continue 2;
                    }
                }
                $drawn = $one instanceof ThreeLines ? $this->threadThree($one, $targets) : $this->threadTwo($one, $targets, $through);
                $moved = $moved || $drawn;
                $targets += $this->here;
            }
        } while ($moved);
    }

    /** @param  array<string, true>  $targets */
    private function threadTwo(Edge $edge, array $targets, bool $through): bool
    {
        $legs = $this->open->isOpen($edge) ? $this->legs([$edge->a, $edge->b], $targets, $through) : [];
        if ($legs === []) {
            return false;
        }
        [$a, $b] = $legs;
        if (! isset($this->here[$a->end]) && ! isset($this->here[$b->end])) {
            return false;
        }
        if (count($this->rails) > 2 && $this->threadHeads($legs)) {
            // its lines are drawn now, and it hangs from them like whatever else does
            return $this->threadTwo($edge, $this->here, $through);
        }
        [$first, $second] = [array_search($a->end, $this->rails, true), array_search($b->end, $this->rails, true)];
        if (count($this->rails) > 2 && $first !== false && $second !== false) {
            $this->fold($edge, ...($first < $second ? [$a, $b] : [$b, $a]));

            return true;
        }
        $this->addTwo($edge, [$a, $b]);

        return true;
    }

    private function row(Edge $edge, Leg $left, Leg $right): Row
    {
        return Row::of($this->own($left->end), $this->own($right->end), [...$left->inward(), $edge, ...$right->edges]);
    }

    /** A load between two of three lines that are all on the left: out along the one, back along the other below it. */
    private function fold(Edge $edge, Leg $out, Leg $back): void
    {
        $turn = $back->points[0];
        $this->add(new Bundle([
            Row::of($this->own($out->end), new RowEnd(EndKind::Free, $turn), [...$out->inward(), $edge]),
            ...($back->edges === [] ? [] : [Row::of($this->own($back->end), new RowEnd(EndKind::Hang, $turn), $back->inward())]),
        ]));
    }

    /** @param  array<string, true>  $targets */
    private function threadThree(ThreeLines $load, array $targets): bool
    {
        $legs = $this->legs($load->points, $targets, false);
        if ($legs === [] || array_filter($legs, fn (Leg $l): bool => isset($this->here[$l->end])) === []) {
            return false;
        }
        if (count($this->rails) > 2 && $this->threadHeads($legs)) {
            $legs = $this->legs($load->points, $this->here, false);
        }
        $this->addThree($load, $legs);

        return true;
    }

    /** @param  list<Leg>  $legs  of its terminals, in their order */
    private function addThree(ThreeLines $load, array $legs): void
    {
        $this->open->drawThree($load);
        $this->add(new Bundle(array_map(
            fn (Leg $leg): Row => Row::of($this->asBeginning($leg->end), $this->ownOrFree($leg), $leg->inward(), $load->part),
            $legs,
        ), $load));
    }

    /** @param  array{Leg, Leg}  $legs  of its two points */
    private function addTwo(Edge $edge, array $legs): void
    {
        [$a, $b] = $legs;
        $this->add(new Bundle([$this->isBackwards($a->end, $b->end) ? $this->row($edge, $b, $a) : $this->row($edge, $a, $b)]));
    }

    /** A line to a load begins on the left; from a rail on the right it comes by its name. */
    private function asBeginning(string $point): RowEnd
    {
        return count($this->rails) === 2 && $point === $this->rails[1] ? new RowEnd(EndKind::Flag, $point) : $this->own($point);
    }

    /** The end at a load on three lines, which is where the row began to be looked for. */
    private function ownOrFree(Leg $leg): RowEnd
    {
        return $leg->edges === [] ? $this->own($leg->points[0]) : new RowEnd(EndKind::Free, $leg->points[0]);
    }

    /**
     * Lines from the rails as far as where more than this hangs from each of them, with all poles of what they come through
     * last; nothing where they come together otherwise.
     *
     * @param  list<Leg>  $legs
     */
    private function threadHeads(array $legs): bool
    {
        $own = array_merge(...array_map(static fn (Leg $l): array => $l->edges, $legs));
        $heads = [];
        foreach ($legs as $leg) {
            $head = $this->head($leg, $own);
            if ($head === null) {
                return false;
            }
            $heads[(int) array_search($leg->end, $this->rails, true)] = $head;
        }
        foreach ($this->open->poles($legs === [] ? '' : array_values($heads)[0]->lastPart()) as $pole) {
            foreach ([$pole->a, $pole->b] as $point) {
                $leg = $this->legs([$point], array_fill_keys($this->rails, true), false, self::pointsOf($heads))[0] ?? null;
                $n = $leg === null ? 0 : (int) array_search($leg->end, $this->rails, true);
                if ($leg !== null && $leg->lastPart() === $pole->id && $this->open->branchesAt($point, $leg->edges)) {
                    $heads[$n] ??= $leg;
                }
            }
        }
        ksort($heads);
        $this->add(new Bundle(array_values(array_map(
            fn (Leg $l): Row => Row::of($this->own($l->end), new RowEnd(EndKind::Free, $l->points[0]), $l->inward()),
            $heads,
        )), null, true));

        return true;
    }

    /**
     * As far as more than this hangs from a way from a rail.
     *
     * @param  list<Edge>  $own
     */
    private function head(Leg $leg, array $own): ?Leg
    {
        foreach (in_array($leg->end, $this->rails, true) ? array_slice($leg->points, 1, -1) : [] as $point) {
            if ($this->open->branchesAt($point, $own) && $leg->from($point)->lastPart() !== '') {
                return $leg->from($point);
            }
        }

        return null;
    }

    /**
     * @param  array<int, Leg>  $legs
     * @return array<string, true>
     */
    private static function pointsOf(array $legs): array
    {
        return array_fill_keys(array_merge(...array_map(static fn (Leg $l): array => $l->points, array_values($legs))), true);
    }

    /** Alone, between whatever is drawn, or with ends that lead nowhere. */
    private function threadLoose(Edge|ThreeLines $one): void
    {
        if ($one instanceof ThreeLines) {
            $this->addThree($one, $this->loose($one->points));

            return;
        }
        [$a, $b] = $this->loose([$one->a, $one->b]);
        $this->addTwo($one, [$a, $b]);
    }

    /**
     * Ways outward to something drawn, or else to where nothing goes on.
     *
     * @param  list<string>  $starts
     * @return list<Leg>
     */
    private function loose(array $starts): array
    {
        $drawn = $this->here + $this->elsewhere;
        $taken = array_fill_keys($starts, true);
        $legs = [];
        foreach ($starts as $start) {
            $leg = isset($drawn[$start]) ? new Leg($start, []) : $this->open->leg($start, array_diff_key($drawn, $taken), $taken, true);
            $leg ??= $this->open->stub($start, $taken);
            $taken += array_fill_keys($leg->points, true);
            $legs[] = $leg;
        }

        return $legs;
    }

    /**
     * Ways outward that have no point in common.
     *
     * @param  list<string>  $starts
     * @param  array<string, true>  $targets
     * @param  array<string, true>  $taken
     * @return list<Leg> in the order of their starts; none where not all of them get out
     */
    private function legs(array $starts, array $targets, bool $through, array $taken = []): array
    {
        // a rung runs between its own rails and does not wander through others
        $forbidden = $this->allRails + $taken + array_fill_keys($starts, true);
        foreach ([array_keys($starts), array_reverse(array_keys($starts))] as $order) {
            $legs = [];
            $used = $taken;
            foreach ($order as $n) {
                $others = array_fill_keys(array_diff($starts, [$starts[$n]]), true) + $used;
                $leg = $this->open->leg($starts[$n], array_diff_key($targets, $others), $forbidden + $used, $through);
                if ($leg === null) {
                    continue 2;
                }
                $legs[$n] = $leg;
                $used += array_fill_keys($leg->points, true);
            }
            ksort($legs);

            return array_values($legs);
        }

        return [];
    }

    private function isBackwards(string $a, string $b): bool
    {
        $last = count($this->rails) === 2 ? $this->rails[1] : null;
        $isRail = static fn (string $end, array $rails): bool => in_array($end, $rails, true);

        return $a === $last
            || ($b !== $last && $isRail($b, $this->rails) && ! $isRail($a, $this->rails))
            || (! $isRail($a, $this->rails)
                && ! $isRail($b, $this->rails)
                && $this->order->isLeftOf($this->tails->key($b), $this->tails->key($a)));
    }

    /** How an end is drawn: on its rail, from where it is drawn already, or with a point of its own. */
    private function own(string $point): RowEnd
    {
        return new RowEnd(match (true) {
            in_array($point, $this->rails, true) => EndKind::Rail,
            isset($this->here[$point]) => EndKind::Hang,
            isset($this->elsewhere[$point]) => EndKind::Flag,
            default => EndKind::Free,
        }, $point);
    }

    private function add(Bundle $bundle): void
    {
        foreach ($bundle->rows as $row) {
            $this->open->draw($row->edges);
            $last = count($row->points) - 1;
            foreach (array_slice($row->points, 0, -1) as $n => $point) {
                $left = $n === 0 && $row->left->kind === EndKind::Hang ? $this->tails->key($point) : $point;
                $next = $row->points[$n + 1];
                $right = $n + 1 === $last && $row->right->kind === EndKind::Hang ? $this->tails->key($next) : $next;
                $isFlag = ($n === 0 && $row->left->kind === EndKind::Flag) || ($n + 1 === $last && $row->right->kind === EndKind::Flag);
                if (! $isFlag) {
                    $this->order->add($left, $right, 1.0);
                }
            }
            $this->here += array_fill_keys($row->points, true);
        }
        $this->tails->add($bundle, $this->order, 1.0);
        $this->bundles[] = $bundle;
    }
}
