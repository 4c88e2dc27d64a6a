<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Api\Data;
use Levin\Core\Ladder\Drawing;

/** A drawing so small that its lines are all there is to see. */
final readonly class ThumbData extends Data
{
    /** @param  string  $lines  an SVG path */
    private function __construct(public int $width, public int $height, public string $lines)
    {
    }

    public static function of(Drawing $drawing): self
    {
        $lines = '';
        foreach ($drawing->conductors as $conductor) {
            foreach ($conductor->path as $n => [$x, $y]) {
                $lines .= sprintf('%s%d %d', $n === 0 ? 'M' : 'L', $x, $y);
            }
        }
        foreach ($drawing->rails as $rail) {
            $lines .= sprintf('M%d %dV%d', $rail->x, $rail->y1, $rail->y2);
        }
        foreach ($drawing->symbols as $symbol) {
            $lines .= sprintf('M%d %dh28v14h-28z', $symbol->x - 14, $symbol->y - 7);
        }

        return new self((int) ceil($drawing->width), (int) ceil($drawing->height), $lines);
    }
}
