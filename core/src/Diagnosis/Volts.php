<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Meter\Meter;
use Levin\Core\Meter\MeterFunction;

/** What a meter for volts a.c. on two points shows in the scenes of one occasion, each worked out once. */
final class Volts
{
    /** What is left of volts through the primary of a small transformer on a low impedance, about, at the least. [practice] */
    private const LOADED = 0.6;

    /** So many standard deviations a reading may lie off anyway. */
    private const EXPECTED = 2.0;

    /** @var array<int, Prediction> by number of the scene */
    private array $known = [];

    /**
     * @param  int  $a  node of one lead; −1 is earth
     * @param  int  $b  node of the other one
     * @param  Sway|null  $sway  of the supply of the day; null where nothing is fed
     */
    public function __construct(
        private readonly MeterFunction $function,
        private readonly int $a,
        private readonly int $b,
        private readonly ?Sway $sway,
        private readonly Gallery $gallery,
    ) {
    }

    /** In a scene, with whether they are a ghost's. */
    public function in(int $scene): Prediction
    {
        return $this->known[$scene] ??= $this->of($this->gallery->at($scene));
    }

    private function of(Scene $scene): Prediction
    {
        $volts = $scene->volts($this->a, $this->b, Meter::INPUT_OHMS);
        $sway = $this->swayAbout($volts, $scene);
        if ($this->function !== MeterFunction::VoltsAcLowZ) {
            $shown = new Prediction($volts, $scene->isGhost($this->a, $this->b));

            return $sway > 0.0 ? $shown->within($sway) : $shown;
        }
        // a low impedance holds a ghost down: what it shows is there; through a coil or a transformer some of that is left
        $held = $scene->volts($this->a, $this->b, Meter::LOW_Z_OHMS);

        return (new Prediction($held, false, self::LOADED * $held, $held))->within($sway);
    }

    /** How far they may lie off by the supply of the day, beyond what is expected of any reading: of a small difference of large ones. */
    public function sway(Scene $scene): float
    {
        return $this->swayAbout($scene->volts($this->a, $this->b, Meter::INPUT_OHMS), $scene);
    }

    private function swayAbout(float $volts, Scene $scene): float
    {
        $sway = $this->sway?->between($this->a, $this->b, $scene->posture->observed) ?? 0.0;
        if ($sway <= 0.0) {
            return 0.0;
        }

        return max(0.0, $sway - self::EXPECTED * Scale::of($this->function)->sigma($volts));
    }
}
