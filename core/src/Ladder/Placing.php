<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

/** Where the rows of a section lie: what lies left of what, what lies under what, and what is told by its name instead. */
final class Placing
{
    /** Of a load on three lines, from the end of its lines to its middle. */
    private const TO_LOAD = Glyph::HALF + Columns::GRID;

    private Columns $columns;

    private Tails $tails;

    private Stack $stack;

    /** @var list<Bundle> with flags where an end found no place */
    private array $bundles;

    /** @var array<string, RowRoom> by the row's id */
    private array $rooms = [];

    /**
     * @param  list<string>  $rails
     * @param  list<Bundle>  $given
     * @param  array<string, int>  $numbers  of rows, by their id, as far as they have one
     * @param  array<int, int>  $refused  how often a bundle has found no place so far
     */
    public function __construct(
        public readonly array $rails,
        private readonly array $given,
        private readonly References $references,
        private readonly array $numbers,
        private readonly float $span = 0.0,
        private readonly float $grid = Columns::GRID,
        private array $refused = [],
    ) {
        $this->bundles = array_map(
            static fn (Bundle $b, int $n): Bundle => isset($refused[$n]) ? self::flag($b, $refused[$n]) : $b,
            $given,
            array_keys($given),
        );
        do {
            $this->constrain();
        } while (! $this->stackAll());
    }

    /**
     * The same with its rows numbered and its rails further apart: what has found no place finds none.
     *
     * @param  array<string, int>  $numbers
     */
    public function spread(array $numbers, float $span): self
    {
        return new self($this->rails, $this->given, $this->references, $numbers, $span, $this->grid, $this->refused);
    }

    /** @return list<Bundle> as they are placed: with flags where an end found no place */
    public function bundles(): array
    {
        return $this->bundles;
    }

    /**
     * From the top.
     *
     * @return list<PlacedRow>
     */
    public function rows(): array
    {
        return $this->stack->rows();
    }

    public function width(): float
    {
        return $this->columns->width();
    }

    public function xOfRail(string $rail): float
    {
        return $this->columns->at($rail);
    }

    /** Where the line of a point turns down, or the point itself. */
    public function xOfHang(string $point): float
    {
        return $this->columns->at($this->tails->key($point));
    }

    /** The middle of a load on three lines. */
    public function xOfLoad(ThreeLines $load): float
    {
        return $this->columns->at($load->key());
    }

    /** @return bool whether every bundle found a place; one that does not is given flags */
    private function stackAll(): bool
    {
        $this->stack = new Stack;
        [$isWhole, $missing] = [true, []];
        foreach ($this->bundles as $n => $bundle) {
            $rows = array_map(fn (Row $r): PlacedRow => $this->place($r, $bundle), $bundle->rows);
            $hangs = array_merge(...array_map(static fn (PlacedRow $r): array => $r->hangs, $rows));
            // what hangs from one that has no place yet waits for it
            $waits = array_intersect_key($missing, $hangs) !== [];
            if (! $waits && $this->stack->put($rows)) {
                continue;
            }
            if (! $waits) {
                $this->refused[$n] = ($this->refused[$n] ?? 0) + 1;
                $this->bundles[$n] = self::flag($this->given[$n], $this->refused[$n]);
            }
            $missing += array_fill_keys(array_merge(...array_map(static fn (Row $r): array => $r->own, $bundle->rows)), true);
            $isWhole = false;
        }

        return $isWhole;
    }

    /** First the one end, then the other instead, then both. */
    private static function flag(Bundle $bundle, int $time): Bundle
    {
        $own = array_merge(...array_map(static fn (Row $r): array => $r->own, $bundle->rows));
        $hangs = static fn (RowEnd $end): bool => $end->kind === EndKind::Hang && ! in_array($end->point, $own, true);
        $rows = array_map(static function (Row $row) use ($hangs, $time): Row {
            [$left, $right] = [$hangs($row->left), $hangs($row->right)];

            return $row->flagging($left && ($time > 1 || ! $right), $right && $time !== 2);
        }, $bundle->rows);

        return new Bundle($rows, $bundle->load, $bundle->turnsDown);
    }

    private function place(Row $row, Bundle $bundle): PlacedRow
    {
        $x = array_map($this->columns->at(...), $this->keys($row));
        $from = $x[0] - self::flagWidth($row->left);
        $to = $x[count($x) - 1] + ($row->edges === [] ? 0.0 : self::flagWidth($row->right));
        if ($bundle->turnsDown) {
            $to = max($to, $this->xOfHang($row->right->point));
        }
        if ($bundle->load !== null) {
            $to = max($to, $this->xOfLoad($bundle->load) + Glyph::HALF + self::loadText($bundle->load));
        }

        $halves = $this->room($row)->halves;

        return new PlacedRow($row, $x, min($from, $x[0] - $halves[0]), max($to, end($x) + end($halves)));
    }

    private function constrain(): void
    {
        [$this->columns, $this->tails] = [new Columns($this->grid), new Tails];
        foreach (array_slice($this->rails, 1) as $n => $rail) {
            $this->columns->add($this->rails[$n], $rail, Columns::GRID);
        }
        foreach ($this->bundles as $bundle) {
            $this->tails->add($bundle, $this->columns, Columns::GRID);
            foreach ($bundle->rows as $row) {
                $this->constrainRow($row, $bundle);
            }
        }
        foreach ($this->bundles as $bundle) {
            $this->alignPoles($bundle);
        }
        if (count($this->rails) === 2) {
            $this->columns->pushRight($this->late(), $this->rails[1], max($this->span, $this->columns->width()));
        }
    }

    private function constrainRow(Row $row, Bundle $bundle): void
    {
        $keys = $this->keys($row);
        $last = count($keys) - 1;
        $room = $this->room($row);
        foreach ($room->widths as $n => $width) {
            $this->columns->add($keys[$n], $keys[$n + 1], $width);
            // what begins on one of three lines crosses those beside it, and nothing is written there
            if ($n === 0 && count($this->rails) > 2 && $row->left->kind === EndKind::Rail) {
                $this->columns->add($this->rails[2], $keys[1], $width);
            }
        }
        $first = $this->rails[count($this->rails) > 2 ? 2 : 0] ?? 'edge of the sheet';
        if ($row->left->kind !== EndKind::Rail) {
            $this->columns->add($first, $keys[0], Columns::GRID + max(self::flagWidth($row->left), $room->halves[0]));
        }
        if ($bundle->load !== null) {
            $this->columns->add($keys[$last], $bundle->load->key(), self::TO_LOAD);
        }
        if (count($this->rails) === 2 && $row->right->kind !== EndKind::Rail) {
            $beyond = max(self::flagWidth($row->right), $room->halves[$last]);
            $this->columns->add($keys[$last], $this->rails[1], Columns::GRID + $beyond);
            if ($bundle->load !== null) {
                $this->columns->add($bundle->load->key(), $this->rails[1], self::TO_LOAD + self::loadText($bundle->load));
            }
        }
    }

    /** The poles of what has several lie one under the other. */
    private function alignPoles(Bundle $bundle): void
    {
        $first = [];
        foreach ($bundle->rows as $row) {
            $keys = $this->keys($row);
            foreach ($row->edges as $n => $edge) {
                if ($edge->symbol !== null) {
                    foreach ([0, 1] as $side) {
                        $this->columns->align($first[$edge->id][$side] ?? $keys[$n + $side], $keys[$n + $side]);
                    }
                    $first[$edge->id] ??= [$keys[$n], $keys[$n + 1]];
                }
            }
        }
    }

    /** @return list<string> columns of what ends a row at the right rail, from its load on */
    private function late(): array
    {
        $late = [];
        foreach ($this->bundles as $bundle) {
            foreach ($bundle->rows as $row) {
                $load = 0;
                foreach ($row->edges as $n => $edge) {
                    $load = $edge->isSeries() ? $load : $n;
                }
                $isAtRail = $row->right->kind === EndKind::Rail && $row->right->point === $this->rails[1];
                $late = $isAtRail ? [...$late, ...array_slice($this->keys($row), max(1, $load))] : $late;
            }
        }

        return $late;
    }

    /** @return list<string> a column for each of a row's points */
    private function keys(Row $row): array
    {
        $keys = $row->points;
        $last = count($keys) - 1;
        $keys[0] = $this->keyOf($row->left, "$row->id begins");
        $keys[$last] = $last === 0 ? $keys[0] : $this->keyOf($row->right, "$row->id ends");

        return array_values($keys);
    }

    private function keyOf(RowEnd $end, string $flag): string
    {
        return match ($end->kind) {
            EndKind::Flag => $flag,
            EndKind::Hang => $this->tails->key($end->point),
            default => $end->point,
        };
    }

    private function room(Row $row): RowRoom
    {
        return $this->rooms[$row->id] ??= RowRoom::of($row, $this->references, $this->numbers);
    }

    private static function flagWidth(RowEnd $end): float
    {
        return $end->kind === EndKind::Flag ? Lettering::width("$end->point ‹00›", TextRole::Point) + Columns::GRID / 2 : 0.0;
    }

    private static function loadText(ThreeLines $load): float
    {
        return Columns::GRID + max(
            Lettering::width($load->part, TextRole::Part) + Columns::GRID,
            Lettering::width($load->symbol->caption, TextRole::Caption),
        );
    }
}
