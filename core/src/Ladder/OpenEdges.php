<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

use Levin\Core\Network\Graph;
use Levin\Core\Operation\Model;

/** What of a circuit is not drawn yet. */
final class OpenEdges
{
    /** @var array<string, Edge|ThreeLines> what a rung is drawn for first: loads, then switches, then wires, in the order of the file */
    private array $left = [];

    /** @var array<string, Edge> */
    private array $edges = [];

    /** @var Graph<string, string> */
    private Graph $all;

    /** @var Graph<string, string> what is in series with a load */
    private Graph $series;

    public function __construct(Model $model)
    {
        [$this->all, $this->series] = [new Graph, new Graph];
        [$loads, $switches, $wires] = [[], [], []];
        foreach ($model->parts as $id => $component) {
            foreach ($component->symbols() as $symbol) {
                $points = array_map($component->part->point(...), $symbol->ends);
                $one = count($points) > 2 ? new ThreeLines($id, $symbol, $points) : Edge::ofSymbol($id, $symbol, $points[0], $points[1]);
                $symbol->shape->isInSeries() ? $switches[$symbol->key($id)] = $one : $loads[$symbol->key($id)] = $one;
            }
        }
        foreach ($model->circuit->wires as $wire) {
            $edge = Edge::ofWire($wire);
            $wires[$edge->key] = $edge;
        }
        $this->left = $loads + $switches + $wires;
        $this->edges = array_filter($this->left, static fn (Edge|ThreeLines $one): bool => $one instanceof Edge);
        // a wire is the shorter way where a switch lies beside it
        foreach (array_intersect_key($wires + $switches + $loads, $this->edges) as $key => $one) {
            $edge = $this->edges[$key];
            $this->all->join($edge->a, $edge->b, $edge->key);
            if ($edge->isSeries()) {
                $this->series->join($edge->a, $edge->b, $edge->key);
            }
        }
    }

    /** @return list<Edge|ThreeLines> not drawn yet: loads, then switches, then wires */
    public function left(): array
    {
        return array_values($this->left);
    }

    public function isOpen(Edge $edge): bool
    {
        return isset($this->left[$edge->key]);
    }

    /**
     * The shortest way outward to one of some points.
     *
     * @param  array<string, mixed>  $targets
     * @param  array<string, mixed>  $forbidden  points it may end on but not pass through
     * @param  bool  $through  whether it may run through other loads
     */
    public function leg(string $from, array $targets, array $forbidden, bool $through): ?Leg
    {
        if (isset($targets[$from])) {
            return new Leg($from, []);
        }
        $path = ($through ? $this->all : $this->series)->path($from, $targets, $forbidden);

        return $path === [] ? null : new Leg($from, array_map(fn (string $key): Edge => $this->edges[$key], $path));
    }

    /**
     * Points from which there may be a way outward, as things are: whatever is drawn meanwhile makes them fewer.
     *
     * @param  array<string, mixed>  $targets
     * @param  array<string, mixed>  $forbidden  points it may begin or end on but not pass through
     * @param  bool  $through  whether it may run through other loads
     * @return array<string, mixed>
     */
    public function reaching(array $targets, array $forbidden, bool $through): array
    {
        $graph = $through ? $this->all : $this->series;

        return $graph->reached(array_keys($targets), array_diff_key($forbidden, $targets)) + $forbidden;
    }

    /**
     * The longest of the shortest ways outward that lead nowhere; one without edges where nothing else hangs there.
     *
     * @param  array<string, mixed>  $forbidden
     */
    public function stub(string $from, array $forbidden): Leg
    {
        $stub = new Leg($from, []);
        foreach (array_keys(array_diff_key($this->all->reached([$from]), $forbidden)) as $point) {
            $leg = $this->leg((string) $point, [$from => true], $forbidden, true);
            if ($leg !== null && $leg->end === $from && count($leg->edges) > count($stub->edges)) {
                $stub = new Leg($from, $leg->inward());
            }
        }

        return $stub;
    }

    /** @return array<string, true> every point that can be reached from one */
    public function reached(string $point): array
    {
        return $this->all->reached([$point]);
    }

    /**
     * Whether something else than what is named hangs at a point.
     *
     * @param  list<Edge>  $own
     */
    public function branchesAt(string $point, array $own): bool
    {
        return array_diff_key($this->all->at($point), array_flip(array_column($own, 'key'))) !== [];
    }

    /** @return list<Edge> poles of a part that are not drawn yet */
    public function poles(string $part): array
    {
        return array_values(array_filter(
            $this->edges,
            static fn (Edge $e): bool => $e->id === $part && $e->symbol !== null && $e->isSeries(),
        ));
    }

    /** @param  list<Edge>  $edges */
    public function draw(array $edges): void
    {
        foreach ($edges as $edge) {
            unset($this->left[$edge->key], $this->edges[$edge->key]);
            $this->all->cut($edge->key);
            $this->series->cut($edge->key);
        }
    }

    public function drawThree(ThreeLines $three): void
    {
        unset($this->left[$three->key()]);
    }
}
