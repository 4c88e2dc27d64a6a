<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

/** The values on a plate contradict each other: no such part can exist. */
final class PlateContradiction extends UnusablePart
{
    private const REMEDY = 'Read the plate again.';

    private static function because(string $what): self
    {
        return new self("Its plate values contradict each other: $what.", self::REMEDY);
    }

    /** Amperes, volts, ohms. */
    public static function lockedCurrent(float $lra, float $volts, float $ohms): self
    {
        return self::because(
            sprintf('locked-rotor current of %g A at %g V cannot flow through a run winding of %g Ω', $lra, $volts, $ohms),
        );
    }

    /** Amperes: the plate's, running and locked, and those of the motor that comes nearest. */
    public static function singlePhase(float $fla, float $lra, float $running, float $locked): self
    {
        return self::because(sprintf(
            'no motor draws %g A running and %g A locked with these windings and this capacitor; the nearest draws %.3g A and %.3g A; '
            .'check FLA, LRA, rpm, winding ohms and capacitor', $fla, $lra, $running, $locked,
        ));
    }

    /** Volts, amperes, power factor, amperes, ohms. */
    public static function threePhase(float $volts, float $fla, float $powerFactor, float $lra, float $ohms): self
    {
        return self::because(sprintf(
            'no motor of %g V draws %g A at power factor %g running and %g A locked with %g Ω between its leads; '
            .'check FLA, LRA, power factor and winding ohms', $volts, $fla, $powerFactor, $lra, $ohms,
        ));
    }

    public static function tapsOutOfOrder(string $tap): self
    {
        return new self("Tap $tap must have more volts than the tap before it.", 'Change '.strtolower($tap).'_volts.');
    }

    public static function dropsOutAbovePickUp(): self
    {
        return new self('It would fall back at more current than it lifts at.', 'Give drop_out a value below pick_up.');
    }

    public static function opensWhereItCloses(): self
    {
        return new self('It opens and closes at the same level.', 'Give opens_at and closes_at different values.');
    }

    public static function workedByNothing(): self
    {
        return new self('Nothing works it.', 'Give it "opened_by", a condition, or "senses", a quantity, or both.');
    }

    public static function noCommon(): self
    {
        return new self('It lives on a common wire and has no terminal C.', 'Wire its C, or give it power: battery or steals.');
    }

    public static function unpairedPin(string $terminal): self
    {
        return new self("Its terminal $terminal has no other half.", 'List pins in pairs: [A1, B1, A2, B2].');
    }
}
