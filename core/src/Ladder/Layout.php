<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

use Levin\Core\Circuit\Section;
use Levin\Core\Network\Graph;
use Levin\Core\Operation\Model;

/**
 * Lays a circuit out as a ladder.
 *
 * Points are vertices, wires and symbols edges. Between the rails of a section the drawing grows by ears: the first is the
 * shortest way from the left rail to the right one; each next is the shortest way between two points already drawn over edges
 * not drawn yet, and takes a row of its own. Every wire is drawn exactly once, as itself.
 */
final class Layout
{
    private const ROW = 78.0;

    private const MARGIN = 56.0;

    private const TITLE = 50.0;

    /** @var array<string, Edge> not drawn yet */
    private array $edges = [];

    /** @var Graph<string, string> points joined by edges not drawn yet */
    private Graph $open;

    /** @var list<DrawnTitle> */
    private array $titles = [];

    /** @var list<DrawnRail> */
    private array $drawnRails = [];

    /** @var list<DrawnPoint> */
    private array $points = [];

    /** @var list<DrawnSymbol> */
    private array $symbols = [];

    /** @var list<DrawnConductor> */
    private array $conductors = [];

    private float $y = 0.0;

    /** @var array<string, true> every point that is a rail of some section */
    private array $rails;

    /** Verticals that would run into each other, or through a point that is not theirs, keep this far apart, */
    private const LANE = 11.0;

    /** and no more than so many of them. */
    private const LANES = 4;

    /** @var list<array{string, float, float, float}> verticals drawn: whose, where, from, to */
    private array $drops = [];

    /** @var array<string, int> 1 for a point that its row starts with, −1 for one it ends with, 0 between */
    private array $edgeOfRow = [];

    /** @var array<string, mixed> points drawn in sections before */
    private array $drawn = [];

    private function __construct(private readonly Model $model)
    {
        $this->open = new Graph;
        foreach ($model->parts as $id => $component) {
            foreach ($component->symbols() as $n => $symbol) {
                $this->add(
                    "$id#$n",
                    new Edge($id, $component->part->point($symbol->left), $component->part->point($symbol->right), $symbol),
                );
            }
        }
        $this->rails = array_fill_keys(
            array_merge(...array_map(static fn (Section $s): array => $s->rails ?? [], $model->circuit->ladder)),
            true,
        );
        foreach ($model->circuit->wires as $id => $wire) {
            $this->add($id, new Edge($id, $wire->from, $wire->to));
        }
    }

    private function add(string $key, Edge $edge): void
    {
        $this->edges[$key] = $edge;
        $this->open->join($edge->a, $edge->b, $key);
    }

    public static function of(Model $model): Drawing
    {
        $layout = new self($model);
        $plans = [];
        // named rows first: what feeds the rails must not be taken for a rung
        foreach ([false, true] as $railed) {
            foreach ($model->circuit->ladder as $n => $section) {
                if (($section->rails !== null) === $railed) {
                    $plans[$n] = $layout->plan($section);
                }
            }
        }
        ksort($plans);
        $span = max(0.0, ...array_map(static fn (Plan $p): float => $p->span(), array_values($plans)));
        foreach ($plans as $plan) {
            $layout->draw($plan, $span);
        }

        return new Drawing(
            $span + 2 * self::MARGIN,
            $layout->y + 20,
            $layout->titles,
            $layout->drawnRails,
            $layout->points,
            $layout->symbols,
            $layout->conductors,
        );
    }

    private function plan(Section $section): Plan
    {
        $plan = new Plan($section->title, $section->rails);
        foreach ($section->rows as [$from, $to]) {
            $path = $this->open->path($from, [$to => true]);
            if ($path !== []) {
                $plan->addRow($from, $this->take($path));
            }
        }
        while ($section->rails !== null) {
            $path = $this->shortestEar($plan, $section->rails);
            if ($path[1] === []) {
                break;
            }
            $plan->addEar($path[0], $this->take($path[1]));
        }
        $this->drawn += $plan->placed();

        return $plan;
    }

    /**
     * @param  array{0: string, 1: string}  $rails
     * @return array{string, list<string>} where it starts, and its edges
     */
    private function shortestEar(Plan $plan, array $rails): array
    {
        // a rung runs between its own rails and does not wander through others
        $forbidden = $plan->placed() + array_diff_key($this->rails, array_flip($rails));
        $rung = $this->open->path($rails[0], [$rails[1] => true], $forbidden);
        $best = [$rails[0], $rung];
        if ($rung !== []) {
            return $best;
        }
        // then what joins two points of this section; then what ends on a point drawn in another, such as a third phase's lead
        foreach ([$plan->placed(), $this->drawn] as $reach) {
            foreach (array_keys($plan->placed()) as $start) {
                $ends = array_diff_key($reach, [$start => true]);
                $path = $this->open->path($start, $ends, $forbidden);
                if ($path !== [] && ($best[1] === [] || count($path) < count($best[1]))) {
                    $best = [$start, $path];
                }
            }
            if ($best[1] !== []) {
                break;
            }
        }

        return $best;
    }

    /**
     * @param  list<string>  $keys
     * @return list<Edge>
     */
    private function take(array $keys): array
    {
        $edges = [];
        foreach ($keys as $key) {
            $edges[] = $this->edges[$key];
            $this->open->cut($key);
        }

        return $edges;
    }

    private function draw(Plan $plan, float $span): void
    {
        $this->titles[] = new DrawnTitle($plan->title, $this->y + 26);
        $top = $this->y + self::TITLE;
        $x = array_map(static fn (float $v): float => $v + self::MARGIN, $plan->positions($span));
        $rail = $plan->rails ?? [];
        $first = [];          // y at which each point is drawn
        $this->edgeOfRow = [];
        foreach ($plan->rows as $n => [$start, $edges]) {
            $y = $top + $n * self::ROW + 30;
            $this->drawRow($start, $edges, $y, $x, $first, $rail);
        }
        $bottom = $top + count($plan->rows) * self::ROW;
        foreach ($rail as $point) {
            $this->drawnRails[] = new DrawnRail($point, $x[$point], $top, $bottom - self::ROW + 60);
        }
        $this->y = $bottom + 8;
    }

    /**
     * @param  list<Edge>  $edges
     * @param  array<string, float>  $x
     * @param  array<string, float>  $first
     * @param  list<string>|array{}  $rails
     */
    private function drawRow(string $start, array $edges, float $y, array $x, array &$first, array $rails): void
    {
        $at = $start;
        $this->edgeOfRow[$at] ??= isset($first[$at]) ? 0 : 1;
        $this->place($at, $x[$at], $y, $first);
        $last = count($edges) - 1;
        foreach ($edges as $n => $edge) {
            $to = $edge->other($at);
            $this->edgeOfRow[$to] ??= isset($first[$to]) || $n < $last ? 0 : -1;
            $this->place($to, $x[$to], $y, $first);
            [$x1, $x2] = [$x[$at], $x[$to]];
            $begin = in_array($at, $rails, true) || $n > 0 || $first[$at] === $y ? [[$x1, $y]] : $this->drop($at, $x1, $first[$at], $y, 1);
            $end = in_array($to, $rails, true) || $n < $last || $first[$to] === $y
                ? [[$x2, $y]]
                : array_reverse($this->drop($to, $x2, $first[$to], $y, -1));
            if ($edge->symbol === null) {
                $this->conductors[] = new DrawnConductor($edge->id, $edge->id, $at, $to, self::route([...$begin, ...$end]));
            } else {
                $atRight = in_array($to, $rails, true);
                $s1 = $atRight ? $x2 - Edge::SYMBOL : $x1;
                $s2 = $atRight ? $x2 : $x1 + Edge::SYMBOL;
                [$symbol, $shape] = [$edge->symbol, $edge->symbol->shape];
                $id = "$edge->id $symbol->left $symbol->right";
                $this->symbols[] = new DrawnSymbol(
                    $id,
                    $edge->id,
                    $shape,
                    $symbol->caption,
                    $at,
                    $to,
                    $s1,
                    $s2,
                    $y,
                    Glyph::open($shape),
                    Glyph::closed($shape),
                );
                $this->lead($at, $at, [...$begin, [$s1, $y]]);
                $this->lead($to, $to, [[$s2, $y], ...$end]);
            }
            $at = $to;
        }
    }

    /**
     * The way from a point down to a row below it, beside whatever lies between that has nothing to do with it.
     *
     * @param  int  $side  1 to keep to the right of the point, −1 to the left, where the point leaves the choice
     * @return list<array{float, float}>
     */
    private function drop(string $point, float $x, float $from, float $to, int $side): array
    {
        $side = $this->edgeOfRow[$point] ?: $side;
        for ($lane = 0; $lane < self::LANES; $lane++) {
            $at = $x + $side * $lane * self::LANE;
            $free = true;
            foreach ($this->points as $p) {
                $free = $free && ! ($lane === 0 && $p->point !== $point && abs($p->x - $at) < 2.0 && $p->y > $from && $p->y < $to);
            }
            foreach ($this->drops as [$who, $where, $top, $bottom]) {
                $free = $free && ($who === $point || abs($where - $at) > self::LANE / 2 || $bottom <= $from || $top >= $to);
            }
            if ($free) {
                break;
            }
        }
        $this->drops[] = [$point, $at, $from, $to];

        return [[$at, $from], [$at, $to]];
    }

    /** @param  list<array{float, float}>  $path */
    private function lead(string $from, string $to, array $path): void
    {
        $path = self::route($path);
        if (count($path) > 1) {
            $this->conductors[] = new DrawnConductor('lead'.count($this->conductors), '', $from, $to, $path);
        }
    }

    /**
     * @param  array<string, float>  $first
     */
    private function place(string $point, float $x, float $y, array &$first): void
    {
        if (! isset($first[$point])) {
            $first[$point] = $y;
            $this->points[] = new DrawnPoint($point, $x, $y);
        }
    }

    /**
     * Without points that repeat.
     *
     * @param  list<array{float, float}>  $path
     * @return list<array{float, float}>
     */
    private static function route(array $path): array
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
