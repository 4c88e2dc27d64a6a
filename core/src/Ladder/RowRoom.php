<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

/** How much room a row needs for what is written on it, whatever its ends are. */
final readonly class RowRoom
{
    /**
     * @param  list<float>  $halves  half of what is written at each of its points
     * @param  list<float>  $widths  least distance between the two points of each of its edges
     */
    private function __construct(public array $halves, public array $widths)
    {
    }

    /** @param  array<string, int>  $numbers  of rows, by their id, as far as they have one */
    public static function of(Row $row, References $references, array $numbers): self
    {
        $halves = $widths = [];
        foreach (array_keys($row->points) as $n) {
            $halves[] = Lettering::width($row->label($n), TextRole::Point) / 2;
        }
        foreach ($row->edges as $n => $edge) {
            $widths[] = $edge->width($halves[$n], $halves[$n + 1], $references->at($edge, $numbers));
        }

        return new self($halves, $widths);
    }
}
