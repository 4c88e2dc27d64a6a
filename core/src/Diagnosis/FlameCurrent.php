<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Meter\MeterFunction;

/** A meter on microamperes in series with a flame rod while the burner is started: the most that it shows. */
final readonly class FlameCurrent extends MostDirect
{
    public function __construct(public string $wire)
    {
        parent::__construct(new Ammeter($wire), MeterFunction::MicroampsDc);
    }

    #[\Override]
    public function act(): Act
    {
        return Act::onWires(MeterFunction::MicroampsDc, $this->wire, true);
    }

    #[\Override]
    public function title(Circuit $circuit): string
    {
        return "Start it with the meter in series, most microamperes: $this->wire";
    }

    #[\Override]
    public function order(Circuit $circuit): string
    {
        return 'Power off: '.Spot::wire($circuit, $this->wire).' off one end, the meter between it and its terminal; '
            .'then on again, and note the most microamperes while it tries to light.';
    }

    #[\Override]
    public function result(float|string|null $shown): string
    {
        return $this->words($shown)." at most in $this->wire as it starts";
    }

    #[\Override]
    public function place(Circuit $circuit): string
    {
        return $circuit->partAt($circuit->wire($this->wire)->from)->place;
    }

    #[\Override]
    public function carriedOut(Hand $hand): ?float
    {
        return $hand->mostInSeries($this->wire, Noting::SECONDS);
    }
}
