<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/**
 * How a suspect explains one piece of evidence: the chance of just this if it was taken rightly, and if it was mistaken.
 *
 * Both are chances of what was shown or said, to the last digit; a density is never weighed against a chance.
 */
final readonly class Fit
{
    /** One in fifty is mistaken: the probe on the wrong screw, a range misread, a word misheard. [practice, no published source] */
    public const MISTAKEN = 0.02;

    /**
     * @param  float  $right  chance of it, rightly taken
     * @param  float  $mistaken  chance of it, mistaken
     * @param  bool  $explains  whether it is, rightly taken, no stranger than one in two hundred
     */
    public function __construct(private float $right, private float $mistaken, public bool $explains)
    {
    }

    public function likelihood(): float
    {
        return (1 - self::MISTAKEN) * $this->right + self::MISTAKEN * $this->mistaken;
    }

    /** The chance that it was mistaken, under this suspect. */
    public function doubt(): float
    {
        $all = $this->likelihood();

        return $all > 0.0 ? self::MISTAKEN * $this->mistaken / $all : 1.0;
    }
}
