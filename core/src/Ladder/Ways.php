<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

/** Follows rows outward over the points that they hang from, until a rail or an end. */
final readonly class Ways
{
    /** @var array<string, Row> the row that draws each point */
    private array $homes;

    /** @param  list<Row>  $rows  of one section */
    public function __construct(private array $rows)
    {
        $homes = [];
        foreach ($rows as $row) {
            $homes += array_fill_keys($row->own, $row);
        }
        $this->homes = $homes;
    }

    /**
     * The same row with the ways from its ends to the rails as part of it.
     *
     * @param  bool  $isBetween  whether it lies between a left rail and a right one
     */
    public function whole(Row $row, bool $isBetween): Row
    {
        $taken = array_fill_keys($row->points, true);
        [$before, $left] = $this->outward($row->left, false, $taken);
        $taken += array_fill_keys((new Leg($row->left->point, $before))->points, true);
        [$after, $right] = $this->outward($row->right, $isBetween, $taken);

        return new Row($row->id, $left, $right, [...array_reverse($before), ...$row->edges, ...$after], $row->into);
    }

    /**
     * @param  bool  $toTheRight  where it goes first; elsewhere only if it comes to no rail there
     * @param  array<string, true>  $taken  points that it may not come through
     * @return array{list<Edge>, RowEnd}
     */
    private function outward(RowEnd $end, bool $toTheRight, array $taken): array
    {
        $home = $this->homes[$end->point] ?? null;
        if ($home === null || $end->kind === EndKind::Rail || $end->kind === EndKind::Free) {
            return [[], $end];
        }
        $at = (int) array_search($end->point, $home->points, true);
        $ways = [
            [array_reverse(array_slice($home->edges, 0, $at)), $home->left],
            [array_slice($home->edges, $at), $home->right],
        ];
        $ways = $toTheRight ? array_reverse($ways) : $ways;
        foreach ($this->rows as $row) {
            if ($row->right->kind === EndKind::Hang && $row->right->point === $end->point) {
                $ways[] = [array_reverse($row->edges), $row->left];
            }
        }
        foreach ($ways as [$edges, $far]) {
            $points = array_slice((new Leg($end->point, $edges))->points, 1);
            $passed = array_fill_keys($points, true);
            if ($edges === [] || array_intersect_key($passed, $taken) !== [] || $far->kind === EndKind::Free) {
                continue;
            }
            [$more, $last] = $this->outward($far, $toTheRight, $taken + $passed);

            return [[...$edges, ...$more], $last];
        }

        return [[], $end->asFlag()];
    }
}
