<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Api\Data;
use Levin\Core\Ladder\Drawing;
use Levin\Core\Ladder\DrawnRail;

/** A drawing so small that its lines are all there is to see. */
final readonly class ThumbData extends Data
{
    /** Above the first rails, drawing units. */
    private const MARGIN = 30.0;

    /** @param  string  $lines  an SVG path */
    private function __construct(public int $width, public int $height, public string $lines)
    {
    }

    public static function of(Drawing $drawing): self
    {
        // feeds look alike: it begins where the first rails do
        $top = min(array_map(static fn (DrawnRail $rail): float => $rail->y1, $drawing->rails) ?: [self::MARGIN]) - self::MARGIN;
        $lines = '';
        foreach ($drawing->conductors as $conductor) {
            foreach ($conductor->path as $n => [$x, $y]) {
                $lines .= sprintf('%s%d %d', $n === 0 ? 'M' : 'L', $x, $y - $top);
            }
        }
        foreach ($drawing->rails as $rail) {
            $lines .= sprintf('M%d %dV%d', $rail->x, $rail->y1 - $top, $rail->y2 - $top);
        }
        foreach ($drawing->symbols as $symbol) {
            $lines .= sprintf('M%d %dh28v14h-28z', $symbol->x - 14, $symbol->y - 7 - $top);
        }

        return new self((int) ceil($drawing->width), (int) ceil($drawing->height - $top), $lines);
    }
}
