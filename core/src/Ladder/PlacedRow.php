<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

/** A row, and where each of its points lies from left to right. */
final readonly class PlacedRow
{
    /** @var array<string, float> where verticals come down to it, by their point */
    public array $hangs;

    /**
     * @param  list<float>  $x  of each of its points; of one that hangs, where its vertical comes down
     * @param  float  $from  where what is drawn of it begins
     * @param  float  $to  where it ends, with the line that runs on and the load that it runs into
     */
    public function __construct(public Row $row, public array $x, public float $from, public float $to)
    {
        $hangs = [];
        foreach ([[$row->left, 0], [$row->right, count($x) - 1]] as [$end, $n]) {
            if ($end->kind === EndKind::Hang) {
                $hangs[$end->point] = $x[$n];
            }
        }
        $this->hangs = $hangs;
    }

    /** Whether it lies in the way of a vertical of a point, and does not hang from it itself. */
    public function isAcross(float $x, string $point): bool
    {
        return $x > $this->from - Columns::GRID / 2 && $x < $this->to + Columns::GRID / 2 && ($this->hangs[$point] ?? null) !== $x;
    }
}
