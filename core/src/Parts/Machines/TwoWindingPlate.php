<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Machines;

use Levin\Core\Network\Complex;

/** What is known of a single-phase motor before it is opened: its plate, its winding ohms and its capacitor. */
final readonly class TwoWindingPlate
{
    /**
     * @param  float  $volts  rated, r.m.s.
     * @param  float  $fla  line amperes at full load
     * @param  float  $lra  line amperes with the rotor locked
     * @param  float  $slip  at full load
     * @param  float  $runOhms  cold
     * @param  float  $startOhms  cold
     * @param  float  $returns  where the start winding returns to: 0 the end of the run winding, 0.5 its middle
     * @param  float|null  $farads  run capacitor; null for a motor that runs on its run winding alone
     * @param  float  $capacitorVolts  what that capacitor is rated for
     */
    public function __construct(
        public float $volts,
        public float $hertz,
        public float $fla,
        public float $lra,
        public float $slip,
        public float $runOhms,
        public float $startOhms,
        public float $returns,
        public ?float $farads,
        public float $capacitorVolts,
    ) {
    }

    /** In series with the start winding: its capacitor, or so much that nothing flows. */
    public function series(): Complex
    {
        return $this->farads === null ? new Complex(1e12) : new Complex(0, -1 / (2 * M_PI * $this->hertz * $this->farads));
    }
}
