<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

/** The way from something outward, to where the drawing has got so far. */
final readonly class Leg
{
    /** @var list<string> from the one it starts at to the one it ends on */
    public array $points;

    public string $end;

    /** @param  list<Edge>  $edges  outward */
    public function __construct(string $start, public array $edges)
    {
        $this->points = Edge::along($start, $edges);
        $this->end = $this->points[count($edges)];
    }

    /** @return list<Edge> inward */
    public function inward(): array
    {
        return array_reverse($this->edges);
    }

    /**
     * What is left of it from one of its points on, outward.
     *
     * @param  string  $point  one of its own
     */
    public function from(string $point): self
    {
        return new self($point, array_slice($this->edges, (int) array_search($point, $this->points, true)));
    }

    /** The last thing with two positions that it comes through on its way in to its start; empty where there is none. */
    public function lastPart(): string
    {
        foreach ($this->edges as $edge) {
            if ($edge->symbol !== null) {
                return $edge->id;
            }
        }

        return '';
    }
}
