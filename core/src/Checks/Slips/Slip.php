<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Slips;

/** One sort of slip of whoever copies a diagram. A new one is one new file in this folder. */
abstract class Slip
{
    /** @return list<Wrong> */
    abstract public function in(Drawn $drawn): array;
}
