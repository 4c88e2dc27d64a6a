<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Meter\MeterFunction;

/** A meter on volts d.c. clipped on what a pilot feeds while the pilot is lit and its knob held down: the most that it shows. */
final readonly class PilotVolts extends MostDirect
{
    public function __construct(public string $red, public string $black)
    {
        parent::__construct(new Leads(MeterFunction::VoltsDc, $red, $black), MeterFunction::VoltsDc);
    }

    #[\Override]
    public function act(): Act
    {
        return Act::meter(MeterFunction::VoltsDc, $this->red, $this->black, true);
    }

    #[\Override]
    public function title(Circuit $circuit): string
    {
        return "Light its pilot with the meter clipped on, most volts d.c.: $this->red → $this->black";
    }

    #[\Override]
    public function order(Circuit $circuit): string
    {
        return sprintf(
            'Red on %s, black on %s, on volts d.c., before the pilot is lit; note the most that it shows while the knob is held.',
            Spot::words($circuit, $this->red),
            Spot::words($circuit, $this->black),
        );
    }

    #[\Override]
    public function result(float|string|null $shown): string
    {
        return $this->words($shown)." d.c. at most on $this->red → $this->black as its pilot is lit";
    }

    #[\Override]
    public function place(Circuit $circuit): string
    {
        return $circuit->partAt($this->red)->place;
    }

    #[\Override]
    public function carriedOut(Hand $hand): float
    {
        return $hand->peak(MeterFunction::VoltsDc, $this->red, $this->black, Noting::SECONDS);
    }
}
