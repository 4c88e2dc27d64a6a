<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

/** What lies on one line of the drawing, from left to right. */
final readonly class Row
{
    /** @var list<string> one more than there are edges */
    public array $points;

    /** @var list<string> points that this row is the first to draw */
    public array $own;

    /**
     * @param  list<Edge>  $edges
     * @param  string  $id  the same for the same row, whatever becomes of its ends
     * @param  string  $into  the part that it runs into at its right end; empty where that is drawn on it like any other
     */
    public function __construct(
        public string $id,
        public RowEnd $left,
        public RowEnd $right,
        public array $edges,
        public string $into = '',
    ) {
        $this->points = Edge::along($left->point, $edges);
        $last = count($edges);
        $this->own = array_values(array_filter(
            $this->points,
            static fn (int $n): bool => ($n > 0 || $left->isOwn()) && ($n < $last || $n === 0 || $right->isOwn()),
            ARRAY_FILTER_USE_KEY,
        ));
    }

    /**
     * Named by what it begins with, which is drawn nowhere else.
     *
     * @param  list<Edge>  $edges
     */
    public static function of(RowEnd $left, RowEnd $right, array $edges, string $into = ''): self
    {
        return new self($edges === [] ? "at $left->point" : $edges[0]->key, $left, $right, $edges, $into);
    }

    /**
     * What is written at one of its points: the terminal beside the part that it belongs to, its whole name elsewhere.
     *
     * @param  int  $n  counted from the left
     */
    public function label(int $n): string
    {
        $point = $this->points[$n];
        if (! in_array($point, $this->own, true)) {
            return '';
        }
        $part = (string) strstr($point, '.', true);
        $isBeside = static fn (?Edge $edge): bool => $edge?->symbol !== null && $edge->id === $part;
        $isInto = $part === $this->into && $n === count($this->points) - 1;

        return $isInto || $isBeside($this->edges[$n - 1] ?? null) || $isBeside($this->edges[$n] ?? null)
            ? substr($point, strlen($part) + 1)
            : $point;
    }

    /** With the name of a point in place of a vertical. */
    public function flagging(bool $left, bool $right): self
    {
        return new self(
            $this->id,
            $left ? $this->left->asFlag() : $this->left,
            $right ? $this->right->asFlag() : $this->right,
            $this->edges,
            $this->into,
        );
    }
}
