<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

/**
 * How much room a text takes on a drawing, so that none runs into another. The faces are Atkinson Hyperlegible Next, bold, and
 * Mono; widths were measured of both, in ems, and rounded up.
 */
final class Lettering
{
    private const MONO = 0.63;

    /** By width: the letters that are no wider. */
    private const BOLD = [
        ['w' => 0.36, 'letters' => ' ().,ijl-'],
        ['w' => 0.45, 'letters' => '1Ifrt'],
        ['w' => 0.58, 'letters' => '2FJL79acehknosuvxyz'],
        ['w' => 0.67, 'letters' => '0345689BCEKPRSTVYZbdgpq'],
        ['w' => 0.77, 'letters' => 'ADGHNOQUXwµ'],
    ];

    private const WIDEST = 0.9;

    /** Drawing units. */
    public static function width(string $text, TextRole $role): float
    {
        $letters = mb_str_split($text);
        $ems = $role->isMono()
            ? self::MONO * count($letters)
            : array_sum(array_map(self::ofLetter(...), $letters));

        return $ems * $role->size();
    }

    private static function ofLetter(string $letter): float
    {
        foreach (self::BOLD as ['w' => $width, 'letters' => $letters]) {
            if (str_contains($letters, $letter)) {
                return $width;
            }
        }

        return self::WIDEST;
    }
}
