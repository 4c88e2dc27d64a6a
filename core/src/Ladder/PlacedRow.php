<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

/** A row, and where each of its points lies from left to right. */
final readonly class PlacedRow
{
    /**
     * @param  list<float>  $x  of each of its points; of one that hangs, where its vertical comes down
     * @param  float  $from  where what is drawn of it begins
     * @param  float  $to  where it ends, with the line that runs on and the load that it runs into
     */
    public function __construct(public Row $row, public array $x, public float $from, public float $to)
    {
    }

    /** @return array<string, float> where verticals come down to it, by their point */
    public function hangs(): array
    {
        $hangs = [];
        if ($this->row->left->kind === EndKind::Hang) {
            $hangs[$this->row->left->point] = $this->x[0];
        }
        if ($this->row->right->kind === EndKind::Hang) {
            $hangs[$this->row->right->point] = $this->x[count($this->x) - 1];
        }

        return $hangs;
    }

    /** Whether it lies in the way of a vertical of a point, and does not hang from it itself. */
    public function isAcross(float $x, string $point): bool
    {
        $isOwn = ($this->hangs()[$point] ?? null) === $x;

        return ! $isOwn && $x > $this->from - Columns::GRID / 2 && $x < $this->to + Columns::GRID / 2;
    }
}
