<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Supplies;

use Levin\Core\Network\Complex;
use Levin\Core\Parts\Drift;
use Levin\Core\Parts\Drifts\Endurance;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Sign;
use Levin\Core\Parts\Voltages;

/** What control transformers share: how they fail, and their magnetizing branch. */
abstract class Transformers extends Kind
{
    /** No-load current, as a share of rated, and its power factor. [practice, no published source] */
    private const NO_LOAD = 0.2;

    private const NO_LOAD_FACTOR = 0.3;

    /** The impedance of the core seen from a winding of so many volts, ohms. */
    protected function core(float $volts): Complex
    {
        $magnitude = $volts ** 2 / (self::NO_LOAD * $this->part->number('va'));

        return new Complex(self::NO_LOAD_FACTOR * $magnitude, $magnitude * sqrt(1 - self::NO_LOAD_FACTOR ** 2));
    }

    /** @return float amperes in the secondary */
    abstract protected function secondaryAmps(string $state, Setting $setting, Voltages $voltages): float;

    /** Overloaded with nothing to open, its primary burns out. */
    #[\Override]
    public function wear(string $state, Setting $setting, Voltages $voltages): ?Drift
    {
        $rated = $this->part->number('va') / $this->part->number('open_circuit_volts');

        return Endurance::ofTransformer($this->secondaryAmps($state, $setting, $voltages) / $rated, 'primary-open');
    }

    #[\Override]
    public function faults(): array
    {
        return [
            new FaultMode('primary-open', 'primary open', 1.5),
            new FaultMode('secondary-open', 'secondary open', 0.8),
            new FaultMode('primary-shorted', 'primary shorted', 0.3, signs: Sign::BURNT),
            new FaultMode('secondary-shorted', 'secondary shorted', 0.4, signs: Sign::BURNT),
            new FaultMode('grounded', 'primary grounded', 0.09, 'Ω'),
        ];
    }

    #[\Override]
    public function sourceTerminals(): array
    {
        return [['X1', 'X2']];
    }
}
