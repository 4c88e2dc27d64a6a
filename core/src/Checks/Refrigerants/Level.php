<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Refrigerants;

/** Where a number lies against what is usual. */
enum Level
{
    case Unknown;
    case Low;
    case Usual;
    case High;

    public static function of(?float $value, Span $usual): self
    {
        return match (true) {
            $value === null => self::Unknown,
            $value < $usual->from => self::Low,
            $value > $usual->to => self::High,
            default => self::Usual,
        };
    }
}
