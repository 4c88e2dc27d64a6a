<?php

declare(strict_types=1);

namespace Levin\Core\Trial;

/** How far what is measured lies from what is. */
final readonly class Luck
{
    /**
     * @param  float  $noise  of a meter, as a share of what it reads, standard deviation
     * @param  float  $supply  the supply lies within this share of its plate, evenly
     * @param  float  $wrong  share of readings that are taken on the wrong screw
     */
    public function __construct(public float $noise = 0.0, public float $supply = 0.0, public float $wrong = 0.0)
    {
    }
}
