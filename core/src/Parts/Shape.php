<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

enum Shape
{
    case Admittance;
    case Source;
    case Coupled;

    /** How many complex admittances a stamp of this shape carries. */
    public function admittances(): int
    {
        return $this === self::Coupled ? 4 : 1;
    }
}
