<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Sensors;

/** Ohms of an NTC by its temperature: R = R₂₅ · e^(β(1/T − 1/298.15)) [textbook, two-point approximation]. */
final readonly class NtcCurve
{
    private const ZERO = 273.15;

    private const AT = 298.15;

    /**
     * @param  float  $at25  ohms at 25 °C
     * @param  float  $beta  K
     */
    public function __construct(private float $at25, private float $beta)
    {
    }

    public function ohms(float $celsius): float
    {
        return $this->at25 * exp($this->beta * (1 / ($celsius + self::ZERO) - 1 / self::AT));
    }

    /** The temperature at which it has so many ohms. */
    public function celsius(float $ohms): float
    {
        return 1 / (log($ohms / $this->at25) / $this->beta + 1 / self::AT) - self::ZERO;
    }
}
