<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Motors;

use Levin\Core\Parts\Machines\Overload;

/** What a motor in a compressor's shell has, on one phase or three: a load that hardly depends on speed, an overload slow to reset. */
trait Hermetic
{
    protected function loadExponent(): float
    {
        return 0.0;
    }

    protected function overload(): Overload
    {
        return Overload::inCompressor($this->part->number('fla'));
    }
}
