<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

/** Points whose line runs on to the right and turns down there, so that what hangs from the lines lies side by side. */
final class Tails
{
    /** @var array<string, true> */
    private array $points = [];

    /** Of a bundle that turns down: the lowest line first, so that no line crosses another. */
    public function add(Bundle $bundle, Columns $columns, float $distance): void
    {
        if (! $bundle->turnsDown) {
            return;
        }
        $beside = '';
        foreach (array_reverse($bundle->rows) as $row) {
            $point = $row->right->point;
            $this->points[$point] = true;
            $columns->add($point, $this->key($point), $distance);
            if ($beside !== '') {
                $columns->add($beside, $this->key($point), $distance);
            }
            $beside = $this->key($point);
        }
    }

    /** The column in which things hang from a point. */
    public function key(string $point): string
    {
        return isset($this->points[$point]) ? "$point turned down" : $point;
    }
}
