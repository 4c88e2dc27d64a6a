<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

/** Paper as it lies for a drawing, the long way across (ISO 216; ANSI Y14.1, from memory). */
enum PaperSize: string
{
    case Letter = 'letter';
    case A4 = 'a4';

    /** Millimetres. */
    public function width(): float
    {
        return $this === self::Letter ? 279.4 : 297.0;
    }

    /** Millimetres. */
    public function height(): float
    {
        return $this === self::Letter ? 215.9 : 210.0;
    }
}
