<?php

declare(strict_types=1);

namespace Levin\Core\Circuit;

/**
 * Something of the world that the wiring acts on and is acted on by: a pressure, a temperature, a flow of air, a flame.
 *
 * It moves as the first of its rules that holds says. A quick one is at its target at once (a flame, a draft, a flow of
 * air); a slow one stays at its normal value unless the circuit is run through time.
 */
final readonly class Quantity
{
    /** Units that there are instruments for; the rest is a share or a yes and no. */
    private const MEASURED = ['kPa', 'Pa', '°C'];

    /**
     * @param  string  $unit  as people read it; the numbers of the file are in this unit
     * @param  float  $normal  in ordinary working, and where a run starts
     * @param  list<Rule>  $rules
     */
    public function __construct(
        public string $name,
        public string $label,
        public string $unit,
        public float $normal,
        public bool $quick,
        public array $rules,
    ) {
    }

    /** Whether a technician has an instrument for it: a gauge, a thermometer, a manometer. */
    public function isMeasured(): bool
    {
        return in_array($this->unit, self::MEASURED, true);
    }

    /** The same with nothing that moves it. */
    public function atRest(): self
    {
        return new self($this->name, $this->label, $this->unit, $this->normal, $this->quick, []);
    }
}
