<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

/** What a text on a drawing is: when the drawing is small, the less important are left out, never made smaller. */
enum TextRole: string
{
    case Title = 'title';
    case Number = 'number';
    case Part = 'part';
    case Point = 'point';
    case Caption = 'caption';
    case Reference = 'reference';
    case Colour = 'colour';

    /** Whether it is set in the face for values, all of whose letters are alike in width. */
    public function isMono(): bool
    {
        return $this === self::Point || $this === self::Number;
    }

    /** Drawing units, which are pixels at full size. */
    public function size(): float
    {
        return match ($this) {
            self::Title => 16.0,
            self::Part => 15.0,
            default => 14.0,
        };
    }
}
