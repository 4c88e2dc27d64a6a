<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Relays;

use Levin\Core\Network\Complex;
use Levin\Core\Parts\Drift;
use Levin\Core\Parts\Drifts\Endurance;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/**
 * What contactors and relays share: an a.c. coil that draws more with its armature open than sealed, pulls in and drops out.
 *
 * Pull-in at 85 % of rated voltage at the latest and drop-out between 20 % and 75 %: IEC 60947-4-1, 8.2.1.2 (from memory).
 * The model pulls in at 75 % and drops out at 50 %, as a good device does inside those limits.
 */
abstract class CoilAndContacts extends Kind
{
    private const PULL_IN = 0.75;

    private const DROP_OUT = 0.50;

    /** A coil on this share of its volts is heard. [practice, no published source] */
    private const BUZZES = 0.40;

    /** @return list<Field> */
    protected static function coilFields(): array
    {
        return [
            Field::number('coil_volts', 'V', 'rated coil voltage', 5, 600),
            Field::number('coil_ohms', 'Ω', 'coil resistance', 0.5, 50000),
            Field::number('sealed_va', 'VA', 'coil burden, pulled in', 0.1, 200),
            Field::number('inrush_va', 'VA', 'coil burden, armature open', 0.1, 1000),
        ];
    }

    /** @return array{0: string, 1: string} the two coil terminals, usually A and B */
    public function coil(): array
    {
        return ['A', 'B'];
    }

    #[\Override]
    public function initialState(): string
    {
        return 'out';
    }

    #[\Override]
    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        if ($setting->has('stuck-open') || $setting->has('coil-open') || $setting->has('coil-shorted')) {
            return 'out';
        }

        return $this->share($voltages) >= ($state === 'in' ? $this->dropOut() : $this->pullIn()) ? 'in' : 'out';
    }

    /** Share of the rated coil voltage at which it pulls in. */
    protected function pullIn(): float
    {
        return self::PULL_IN;
    }

    /** Share of the rated coil voltage below which it drops out. */
    protected function dropOut(): float
    {
        return self::DROP_OUT;
    }

    #[\Override]
    public function observables(): array
    {
        return ['pulled in', 'buzzes', 'dropped out'];
    }

    /** It buzzes when its coil is fed and it does not come in: too little voltage, or an armature that sticks. */
    #[\Override]
    public function observed(string $state, Setting $setting, Voltages $voltages): string
    {
        return match (true) {
            $state === 'in' || $setting->has('welded') => 'pulled in',
            $this->share($voltages) >= self::BUZZES && ! $setting->has('coil-open') && ! $setting->has('coil-shorted') => 'buzzes',
            default => 'dropped out',
        };
    }

    private function share(Voltages $voltages): float
    {
        return $voltages->volts(...$this->coil()) / $this->part->number('coil_volts');
    }

    /** A coil on the wrong voltage, or on its own with an armature that does not come in, burns out. */
    #[\Override]
    public function wear(string $state, Setting $setting, Voltages $voltages): ?Drift
    {
        [$g, $b] = $this->coilStamp($state, $setting);
        $amps = $voltages->volts(...$this->coil()) * hypot($g, $b);

        return Endurance::ofCoil($amps / ($this->part->number('sealed_va') / $this->part->number('coil_volts')), 'coil-open');
    }

    /** @return list<float> the coil's stamp */
    protected function coilStamp(string $state, Setting $setting): array
    {
        if ($setting->has('coil-open')) {
            return Values::OPEN;
        }
        if ($setting->has('coil-shorted')) {
            return Values::ohms($setting->amount('coil-shorted', Values::SHORT_OHMS * 10));
        }
        $ohms = $this->part->number('coil_ohms');
        if ($setting->isDirect()) {
            return Values::ohms($ohms);
        }
        $impedance = $this->part->number('coil_volts') ** 2 / $this->part->number($state === 'in' ? 'sealed_va' : 'inrush_va');

        return Values::impedance(new Complex($ohms, sqrt(max(0.0, $impedance ** 2 - $ohms ** 2))));
    }
}
