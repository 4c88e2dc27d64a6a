<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Refrigerants;

/** What is usual of a unit that runs, in K; about a target where one is known. */
final readonly class UsualCycle
{
    /** Superheat at the outdoor unit behind an expansion valve: 5 to 20 °F. [practice, no published source] */
    private const SUPERHEAT = [2.8, 11.2];

    /** The same behind a fixed orifice, where no target is known: 5 to 30 °F. [practice, no published source] */
    private const SUPERHEAT_FIXED = [2.8, 16.7];

    /** About a target: 5 °F. [practice, no published source] */
    private const ABOUT_SUPERHEAT = 2.8;

    /** 5 to 15 °F. [practice, no published source] */
    private const SUBCOOLING = [2.8, 8.4];

    /** About the plate's: 3 °F. [practice, no published source] */
    private const ABOUT_SUBCOOLING = 1.7;

    /** Condensing over the air outdoors: to 30 °F, from 10 °F on large coils. [practice, no published source] */
    private const OVER_OUTDOOR = [5.5, 16.7];

    /** Return to supply, of air conditioning: 15 to 22 °F. [practice, no published source] */
    private const SPLIT = [8.3, 12.3];

    /** Boiling under the air that returns, of air conditioning: 27 to 43 °F. [practice, no published source] */
    private const UNDER_RETURN = [15.0, 24.0];

    public Span $superheat;

    public Span $subcooling;

    public Span $overOutdoor;

    public Span $split;

    public Span $underReturn;

    /**
     * @param  bool  $hasValve  whether an expansion valve feeds it, and not a fixed orifice
     * @param  float|null  $superheat  the target; null where none is known
     * @param  float|null  $subcooling  on the plate; the same
     */
    public function __construct(bool $hasValve, ?float $superheat, ?float $subcooling)
    {
        $this->superheat = self::about($superheat, self::ABOUT_SUPERHEAT, $hasValve ? self::SUPERHEAT : self::SUPERHEAT_FIXED);
        $this->subcooling = self::about($subcooling, self::ABOUT_SUBCOOLING, self::SUBCOOLING);
        $this->overOutdoor = new Span(...self::OVER_OUTDOOR);
        $this->split = new Span(...self::SPLIT);
        $this->underReturn = new Span(...self::UNDER_RETURN);
    }

    /** @param  array{float, float}  $else  where no target is known */
    private static function about(?float $target, float $about, array $else): Span
    {
        return $target === null ? new Span(...$else) : new Span(max(0.0, $target - $about), $target + $about);
    }
}
