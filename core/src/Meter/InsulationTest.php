<?php

declare(strict_types=1);

namespace Levin\Core\Meter;

use Levin\Core\Network\Factorisation;
use Levin\Core\Operation\Model;
use Levin\Core\Operation\Settled;
use Levin\Core\Parts\Values;

/**
 * How an insulation test is made: its direct voltage, how long it is held, how warm the winding is and of what sort its insulation.
 *
 * Sound insulation takes up charge for minutes, and its reading rises: seven tenths of its current at one minute is absorption and
 * dies away as 1/t [practice, no published source], so that its polarization index is 2.7. What leaks does not rise. A reading is
 * taken to 40 °C as IEEE 43-2013 has it (from memory): older, thermoplastic systems R₄₀ = R_T·0.5^((40 − T)/10); thermosetting
 * ones, epoxy and polyester of about 1970 and later, R₄₀ = R_T·exp(−4230·(1/(T + 273) − 1/313)) from 40 to 85 °C and with 1245 in
 * the place of 4230 from 10 to 40 °C.
 */
final readonly class InsulationTest
{
    private const ABSORPTION = 0.7;

    private const RATED_WINDINGS = 500.0;

    /**
     * @param  float  $volts  250, 500 or 1000
     * @param  float  $celsius  of the winding
     * @param  float  $minutes  that it is held: 1, or 10 for the polarization index
     */
    public function __construct(
        public float $volts = 500.0,
        public float $celsius = 40.0,
        public float $minutes = 1.0,
        public bool $isThermosetting = false,
    ) {
    }

    /** A reading as it would be at 40 °C. */
    public function at40(float $ohms): float
    {
        if (! $this->isThermosetting) {
            return $ohms * 0.5 ** ((40.0 - $this->celsius) / 10.0);
        }

        return $ohms * exp(-($this->celsius > 40.0 ? 4230.0 : 1245.0) * (1 / ($this->celsius + 273.0) - 1 / 313.0));
    }

    /** The network once the test has been held: sound insulation has taken up its charge, what leaks has not changed. */
    public function after(Model $model, Factorisation $network, Settled $circuit): Factorisation
    {
        $share = 1 - self::ABSORPTION + self::ABSORPTION / $this->minutes;
        $changes = [];
        foreach (array_keys($model->parts) as $id) {
            $elements = $model->elements($id, $circuit->states[$id] ?? '', $circuit->faults->in($id), $circuit->conditions, 0.0);
            foreach ($elements as $branch => $element) {
                if (in_array('#case', $element->nodes, true) && $element->conductance() === 1 / Values::INSULATION_OHMS) {
                    $changes[$branch] = [$element->conductance() * $share, 0.0];
                }
            }
        }

        return $share === 1.0 ? $network : $network->with($changes);
    }

    /**
     * What belongs beside a reading.
     *
     * @param  float|null  $ohms  null for OL
     * @return list<string>
     */
    public function remarks(?float $ohms): array
    {
        $remarks = ['Discharge the winding afterwards for as long as it was tested. Never on a compressor under vacuum.'];
        if ($ohms !== null && $this->celsius !== 40.0) {
            $remarks[] = sprintf('At 40 °C that is %s.', Display::format(MeterFunction::Megohms, $this->at40($ohms)));
        }
        if ($this->volts > self::RATED_WINDINGS) {
            $remarks[] = sprintf('%.0f V is more than the 500 V for windings rated under 1000 V.', $this->volts);
        }

        return $remarks;
    }
}
