<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** A scene in the course of one variant's story, from when until when. */
final readonly class Passage
{
    /**
     * @param  float  $from  seconds since power and call came on
     * @param  float  $until  the same
     * @param  int  $scene  number in its outlook
     */
    public function __construct(public float $from, public float $until, public int $scene)
    {
    }

    /** Seconds of it between two times. */
    public function within(float $from, float $until): float
    {
        return max(0.0, min($until, $this->until) - max($from, $this->from));
    }
}
