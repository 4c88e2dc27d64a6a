<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Bench;

use Levin\Core\Units\Unit;

/**
 * A way to judge one part by what can be read off a meter and a plate. One class in a family folder of Checks is one check; adding a file
 * there adds it to `levin bench`.
 */
abstract class PartCheck
{
    abstract public function about(): About;

    /** @throws BadGiven for what cannot be so together */
    abstract public function judge(Given $given): Judgement;

    /**
     * @param  array<string, string>  $typed  by the entry's name
     * @param  array<string, Unit>  $units  what a bare number is in, by the same; the usual one of the rest
     *
     * @throws BadGiven
     */
    final public function of(array $typed, array $units = []): Judgement
    {
        return $this->judge(Given::from($this->about()->entries, $typed, $units));
    }
}
