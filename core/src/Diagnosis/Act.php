<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Meter\MeterFunction;

/** What a test is made with, and where: for whoever shows it, logs it or carries it out. */
final readonly class Act
{
    /**
     * @param  MeterFunction|null  $function  of a meter
     * @param  string  $at  the red probe's point, the wires in the clamp's jaw, the quantity, or the part
     * @param  string  $black  the black probe's point; empty for all else
     * @param  bool  $asItStarts  whether the unit is switched off and on for it and watched
     */
    private function __construct(
        public Way $way,
        public ?MeterFunction $function,
        public string $at,
        public string $black,
        public bool $asItStarts,
    ) {
    }

    public static function eyes(string $part, bool $asItStarts = false): self
    {
        return new self(Way::Eyes, null, $part, '', $asItStarts);
    }

    public static function hands(string $part): self
    {
        return new self(Way::Hands, null, $part, '', false);
    }

    public static function gauge(string $quantity): self
    {
        return new self(Way::Instrument, null, $quantity, '', false);
    }

    /** Round wires, or in series with one. */
    public static function onWires(MeterFunction $function, string $wires, bool $asItStarts = false): self
    {
        return new self(Way::OnWires, $function, $wires, '', $asItStarts);
    }

    public static function meter(MeterFunction $function, string $red, string $black, bool $asItStarts = false): self
    {
        return new self(Way::Meter, $function, $red, $black, $asItStarts);
    }

    /** Whether the meter feeds the circuit, which has to be dead for it. */
    public function isDead(): bool
    {
        return $this->function?->isDeadTest() === true;
    }
}
