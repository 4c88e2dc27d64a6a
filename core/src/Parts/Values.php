<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

use Levin\Core\Network\Complex;

/**
 * Admittances that every kind uses. All in siemens.
 */
final class Values
{
    /** A good closed contact or blade: 5 mΩ. [practice, no published source] */
    public const CLOSED_OHMS = 5e-3;

    /** A bolted fault: 10 mΩ. A winding or capacitor that has failed short. [practice, no published source] */
    public const SHORT_OHMS = 1e-2;

    /** Sound insulation from a winding to its frame, ohms. [practice, no published source] */
    public const INSULATION_OHMS = 2e9;

    /** From a motor's winding to its frame, farads; from a control transformer's. Orders of magnitude. [practice, no published source] */
    public const MOTOR_FARADS = 1e-9;

    public const TRANSFORMER_FARADS = 2e-10;

    /** @var list<float> */
    public const OPEN = [0.0, 0.0];

    /** @return list<float> */
    public static function ohms(float $ohms): array
    {
        return [1.0 / $ohms, 0.0];
    }

    /** @return list<float> */
    public static function contact(bool $closed): array
    {
        return $closed ? self::ohms(self::CLOSED_OHMS) : self::OPEN;
    }

    /** @return list<float> */
    public static function short(bool $shorted): array
    {
        return $shorted ? self::ohms(self::SHORT_OHMS) : self::OPEN;
    }

    /**
     * A path that is there with a failure only.
     *
     * @param  float  $usual  its ohms when the fault was injected without an amount
     * @return list<float>
     */
    public static function fault(Setting $setting, string $mode, float $usual): array
    {
        return $setting->has($mode) ? self::ohms($setting->amount($mode, $usual)) : self::OPEN;
    }

    /** @return list<float> */
    public static function impedance(Complex $z): array
    {
        $y = $z->inverse();

        return [$y->re, $y->im];
    }

    /**
     * The admittance form of a two-port given by its impedances; a port that is open takes no part.
     *
     * @return list<float> as Element::coupled() asks
     *
     * @throws \DivisionByZeroError when the two-port is singular
     */
    public static function twoPort(
        Complex $z11,
        Complex $z12,
        Complex $z21,
        Complex $z22,
        bool $firstOpen = false,
        bool $secondOpen = false,
    ): array {
        if ($firstOpen || $secondOpen) {
            $y1 = $firstOpen ? new Complex(0) : $z11->inverse();
            $y2 = $secondOpen ? new Complex(0) : $z22->inverse();

            return $firstOpen && $secondOpen ? [0, 0, 0, 0, 0, 0, 0, 0] : [$y1->re, $y1->im, 0, 0, 0, 0, $y2->re, $y2->im];
        }
        $d = $z11->times($z22)->minus($z12->times($z21))->inverse();
        $y11 = $z22->times($d);
        $y12 = $z12->times($d)->scaled(-1);
        $y21 = $z21->times($d)->scaled(-1);
        $y22 = $z11->times($d);

        return [$y11->re, $y11->im, $y12->re, $y12->im, $y21->re, $y21->im, $y22->re, $y22->im];
    }

    /**
     * A contact that is worn: closed through some ohms.
     *
     * @return list<float>
     */
    public static function worn(bool $closed, float $ohms): array
    {
        return $closed ? self::ohms(self::CLOSED_OHMS + $ohms) : self::OPEN;
    }

    /**
     * A load by what it takes at its rated volts: watts and power factor.
     *
     * @return list<float>
     */
    public static function load(float $volts, float $watts, float $powerFactor): array
    {
        $va = $watts / $powerFactor;

        return [$watts / $volts ** 2, -sqrt(max(0.0, $va ** 2 - $watts ** 2)) / $volts ** 2];
    }

    /**
     * From a winding to its frame: insulation, sound or leaky, beside the capacitance that every winding has.
     *
     * @return list<float>
     */
    public static function insulation(Setting $setting, float $farads): array
    {
        $ohms = match (true) {
            $setting->has('grounded') => $setting->amount('grounded', self::SHORT_OHMS),
            $setting->has('leaky') => $setting->amount('leaky', 5e5),
            default => self::INSULATION_OHMS,
        };

        return [1 / $ohms, $setting->omega * $farads];
    }
}
