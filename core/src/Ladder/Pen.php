<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

/** Draws placed rows, section under section. */
final class Pen
{
    /** From the edge of the sheet to a rail: the rung's number stands there. */
    private const MARGIN = 72.0;

    private const NUMBER = 20.0;

    /** Above a row: its highest text. */
    private const ABOVE = 48.0;

    /** From a row down to what is written under it, and from one such line to the next. */
    private const UNDER = 38.0;

    private const LINE = 17.0;

    /** From there down to what is shown of its state. */
    private const STATE = 12.0;

    private const TITLE = 34.0;

    private const RAIL_NAME = 30.0;

    /** @var list<DrawnRail> */
    private array $rails = [];

    /** @var list<DrawnPoint> */
    private array $points = [];

    /** @var list<DrawnSymbol> */
    private array $symbols = [];

    /** @var list<DrawnConductor> */
    private array $conductors = [];

    /** @var list<DrawnText> */
    private array $texts = [];

    /** @var list<array{float, float}> */
    private array $joints = [];

    private float $y = 0.0;

    private float $right = 0.0;

    /** @var list<array{end: RowEnd, y: float}> of the rows of the section in hand */
    private array $ends = [];

    /** @var array<string, array{float, float}> where each point of the section in hand is drawn */
    private array $at = [];

    /**
     * @param  array<string, int>  $numbers  of rows, by their id
     * @param  array<string, string>  $homes  id of the row that each point is drawn on
     * @param  float  $margin  from the edge of the sheet to a rail; the number of a row stands there, when there is room for it
     * @param  float  $room  under each row, for what is shown of its state
     */
    public function __construct(
        private readonly References $references,
        private readonly array $numbers,
        private readonly array $homes,
        private readonly float $margin = self::MARGIN,
        private readonly float $room = 0.0,
    ) {
    }

    public function drawing(): Drawing
    {
        $widest = max([$this->right, ...array_map(static fn (DrawnText $t): float => $t->x + $t->width() / 2, $this->texts)]);

        return new Drawing(
            $widest + $this->margin / 2,
            $this->y,
            $this->rails,
            $this->points,
            $this->symbols,
            $this->conductors,
            $this->texts,
            $this->joints,
        );
    }

    public function section(string $title, Placing $placing): void
    {
        $middle = self::NUMBER / 2 + Lettering::width($title, TextRole::Title) / 2;
        $this->texts[] = DrawnText::at(TextRole::Title, $title, $middle, $this->y + 24);
        $this->y += self::TITLE;
        $this->rung($placing);
    }

    public function rung(Placing $placing): void
    {
        [$this->at, $this->ends] = [[], []];
        $top = $this->y + ($placing->rails === [] ? 0.0 : self::RAIL_NAME);
        $this->y = $top;
        $ends = [];
        foreach ($placing->rows() as $placed) {
            $bundle = $this->bundleOf($placed, $placing);
            $this->y += self::ABOVE;
            $under = $this->under($placed);
            $ends[$placed->row->id] = $this->row($placed, $placing, $this->y + $under + self::STATE);
            $this->y += $under + $this->room;
            if ($bundle->load !== null && $placed->row->id === $bundle->rows[2]->id) {
                $this->load($bundle->load, $placing->xOfLoad($bundle->load) + $this->margin, array_map(
                    static fn (Row $r): array => $ends[$r->id],
                    $bundle->rows,
                ));
            }
        }
        foreach ($placing->rails as $rail) {
            $this->rail($rail, $placing, $top);
        }
        $this->joinVerticals($placing);
        $this->right = max($this->right, $placing->width() + $this->margin);
        $this->y += 12;
    }

    private function bundleOf(PlacedRow $placed, Placing $placing): Bundle
    {
        foreach ($placing->bundles() as $bundle) {
            if (in_array($placed->row->id, array_column($bundle->rows, 'id'), true)) {
                return $bundle;
            }
        }
        throw new \LogicException("Row {$placed->row->id} belongs to no bundle.");
    }

    /** How far what is written under a row reaches. */
    private function under(PlacedRow $placed): float
    {
        $lines = 0;
        foreach ($placed->row->edges as $edge) {
            if ($edge->symbol !== null) {
                $reference = $this->references->at($edge, $this->numbers);
                $lines = max($lines, ($edge->symbol->caption === '' ? 0 : 1) + ($reference === '' ? 0 : 1));
            }
        }

        return $lines === 0 ? self::UNDER - self::LINE / 2 : self::UNDER + ($lines - 1) * self::LINE + 6;
    }

    /** @return non-empty-list<array{float, float}> how what it runs into is reached */
    private function row(PlacedRow $placed, Placing $placing, float $stateY): array
    {
        $row = $placed->row;
        $y = $this->y;
        $x = array_map(fn (float $v): float => $v + $this->margin, $placed->x);
        $last = count($x) - 1;
        if ($this->margin >= self::MARGIN) {
            $this->texts[] = DrawnText::at(TextRole::Number, (string) ($this->numbers[$row->id] ?? ''), self::NUMBER, $y + 5);
        }
        foreach ($row->points as $n => $point) {
            $label = $row->label($n);
            if ($label !== '') {
                $this->at[$point] = [$x[$n], $y];
                $this->points[] = new DrawnPoint($point, $x[$n], $y, false);
                $this->texts[] = DrawnText::at(TextRole::Point, $label, $x[$n], $y - 9, $point);
            }
        }
        array_push($this->ends, ['end' => $row->left, 'y' => $y], ['end' => $row->right, 'y' => $y]);
        $begin = $this->down($row->left, $x[0], $y, $placing);
        $end = array_reverse($this->down($row->right, $x[$last], $y, $placing));
        $this->flag($row->left, $x[0], $y, -1);
        if ($last > 0) {
            $this->flag($row->right, $x[$last], $y, 1);
        }
        foreach ($row->edges as $n => $edge) {
            $from = $n === 0 ? $begin : [[$x[$n], $y]];
            $to = $n + 1 === $last ? $end : [[$x[$n + 1], $y]];
            if ($edge->symbol === null) {
                $this->conductors[] = new DrawnConductor($edge->id, $row->points[$n], $row->points[$n + 1], self::path([...$from, ...$to]));
                $written = max($x[$n], $n === 0 && $row->left->kind === EndKind::Rail ? $this->lastLeft($placing) : 0.0);
                $this->texts[] = DrawnText::at(TextRole::Colour, $edge->colour, ($written + $x[$n + 1]) / 2, $y + 19, $edge->id);
            } else {
                $atRight = $n + 1 === $last && $row->right->kind === EndKind::Rail && count($placing->rails) === 2;
                $this->symbol($edge, $row, $n, $from, $to, $atRight, $stateY);
            }
        }

        return $last > 0 ? [[$x[$last], $y]] : $begin;
    }

    /** The last of the rails on the left. */
    private function lastLeft(Placing $placing): float
    {
        return $placing->xOfRail($placing->rails[count($placing->rails) > 2 ? 2 : 0]) + $this->margin;
    }

    /**
     * @param  non-empty-list<array{float, float}>  $from
     * @param  non-empty-list<array{float, float}>  $to
     */
    private function symbol(Edge $edge, Row $row, int $n, array $from, array $to, bool $atRight, float $stateY): void
    {
        $symbol = $edge->symbol ?? throw new \LogicException('A wire has no symbol.');
        [$x1, $x2] = [$from[count($from) - 1][0], $to[0][0]];
        $y = $this->y;
        $reference = $this->references->at($edge, $this->numbers);
        $width = min($x2 - $x1, $edge->width(0.0, 0.0, $reference));
        $x = $atRight ? $x2 - $width / 2 : $x1 + $width / 2;
        [$left, $right] = [$row->points[$n], $row->points[$n + 1]];
        $this->symbols[] = new DrawnSymbol(
            $edge->key,
            $edge->id,
            $symbol->shape,
            [$left, $right],
            $x,
            $y,
            $width,
            [$x, $stateY],
            Glyph::open($symbol->shape),
            Glyph::closed($symbol->shape),
        );
        $this->lead($left, [...$from, [$x - Glyph::LEAD, $y]]);
        $this->lead($right, [[$x + Glyph::LEAD, $y], ...$to]);
        $this->texts[] = DrawnText::at(TextRole::Part, $edge->id, $x, $y - 30, $edge->id);
        $line = $y + self::UNDER;
        foreach ([[TextRole::Caption, $symbol->caption], [TextRole::Reference, $reference]] as [$role, $text]) {
            if ($text !== '') {
                $this->texts[] = DrawnText::at($role, $text, $x, $line, $edge->id);
                $line += self::LINE;
            }
        }
    }

    /**
     * A load on three lines: the first comes in from above, the third from below.
     *
     * @param  list<non-empty-list<array{float, float}>>  $ends  of its lines
     */
    private function load(ThreeLines $load, float $x, array $ends): void
    {
        [$first, $y, $third] = array_map(static fn (array $end): float => $end[count($end) - 1][1], $ends);
        $shape = $load->symbol->shape;
        $this->symbols[] = new DrawnSymbol(
            $load->key(),
            $load->part,
            $shape,
            $load->points,
            $x,
            $y,
            2 * Glyph::HALF,
            [$x + Glyph::HALF + self::UNDER, $y + self::UNDER],
            Glyph::open($shape),
            Glyph::closed($shape),
        );
        $this->lead($load->points[0], [...$ends[0], [$x, $first], [$x, $y - Glyph::HALF]]);
        $this->lead($load->points[1], [...$ends[1], [$x - Glyph::LEAD, $y]]);
        $this->lead($load->points[2], [...$ends[2], [$x, $third], [$x, $y + Glyph::HALF]]);
        foreach ([[TextRole::Part, $load->part, -3.0], [TextRole::Caption, $load->symbol->caption, 15.0]] as [$role, $text, $below]) {
            $half = Lettering::width($text, $role) / 2;
            $this->texts[] = DrawnText::at($role, $text, $x + Glyph::HALF + 10 + $half, $y + $below, $load->part);
        }
    }

    /**
     * From where a point is drawn down to a row.
     *
     * @return non-empty-list<array{float, float}>
     */
    private function down(RowEnd $end, float $x, float $y, Placing $placing): array
    {
        $at = $end->kind === EndKind::Hang ? $this->at[$end->point] ?? null : null;

        return $at === null ? [[$x, $y]] : [$at, [$x, $at[1]], [$x, $y]];
    }

    /** @param  int  $side  −1 where the row goes on to the right of it, 1 where it comes from the left */
    private function flag(RowEnd $end, float $x, float $y, int $side): void
    {
        if ($end->kind !== EndKind::Flag) {
            return;
        }
        $home = $this->numbers[$this->homes[$end->point] ?? ''] ?? null;
        $text = $home === null ? $end->point : "{$end->point} ‹{$home}›";
        $this->points[] = new DrawnPoint($end->point, $x, $y, true);
        $this->texts[] = DrawnText::at(
            TextRole::Point,
            $text,
            $x + $side * (Columns::GRID / 2 + Lettering::width($text, TextRole::Point) / 2),
            $y + 5,
            $end->point,
        );
    }

    /** @param  list<array{float, float}>  $path */
    private function lead(string $point, array $path): void
    {
        $path = self::path($path);
        if (count($path) > 1) {
            $this->conductors[] = new DrawnConductor('', $point, $point, $path);
        }
    }

    private function rail(string $rail, Placing $placing, float $top): void
    {
        $x = $placing->xOfRail($rail) + $this->margin;
        $ends = array_column(array_filter(
            $this->ends,
            static fn (array $e): bool => $e['end']->kind === EndKind::Rail && $e['end']->point === $rail,
        ), 'y');
        $this->rails[] = new DrawnRail($rail, $x, $top, max([$top + self::ABOVE, ...$ends]));
        $this->joints = [...$this->joints, ...array_map(static fn (float $y): array => [$x, $y], $ends)];
        $short = count($placing->rails) > 2 ? substr((string) strstr($rail, '.'), 1) : $rail;
        $this->texts[] = DrawnText::at(TextRole::Point, $short, $x, $top - 10, $rail);
        $this->points[] = new DrawnPoint($rail, $x, $top, false);
    }

    /** A vertical has a dot wherever a row hangs from it, but for the last, where it turns. */
    private function joinVerticals(Placing $placing): void
    {
        $hung = [];
        foreach ($this->ends as ['end' => $end, 'y' => $y]) {
            if ($end->kind === EndKind::Hang) {
                $hung[$end->point][] = $y;
            }
        }
        foreach ($hung as $point => $heights) {
            foreach (array_diff($heights, [max($heights)]) as $y) {
                $this->joints[] = [$placing->xOfHang((string) $point) + $this->margin, $y];
            }
        }
    }

    /**
     * Without points that repeat.
     *
     * @param  list<array{float, float}>  $path
     * @return list<array{float, float}>
     */
    private static function path(array $path): array
    {
        $clean = [];
        foreach ($path as $p) {
            if ($clean === [] || $clean[count($clean) - 1] !== $p) {
                $clean[] = $p;
            }
        }

        return $clean;
    }
}
