<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Meter\MeterFunction;

/** What a test is made with, and where: for whoever shows it, logs it or carries it out. */
final readonly class Act
{
    /**
     * @param  MeterFunction|null  $function  null for eyes
     * @param  string  $at  the red probe's point, or the part that is looked at
     * @param  string  $black  the black one's; empty for eyes
     * @param  bool  $asItStarts  whether the unit is switched off and on for it and watched
     */
    private function __construct(public ?MeterFunction $function, public string $at, public string $black, public bool $asItStarts)
    {
    }

    public static function eyes(string $part, bool $asItStarts = false): self
    {
        return new self(null, $part, '', $asItStarts);
    }

    public static function meter(MeterFunction $function, string $red, string $black, bool $asItStarts = false): self
    {
        return new self($function, $red, $black, $asItStarts);
    }

    /** Whether the circuit has to be dead for it. */
    public function isDead(): bool
    {
        return $this->function?->isDeadTest() === true;
    }
}
