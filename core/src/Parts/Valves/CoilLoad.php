<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Valves;

use Levin\Core\Network\Complex;
use Levin\Core\Parts\Drift;
use Levin\Core\Parts\Drifts\Endurance;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Sign;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/** A coil that moves something that is not a contact: a valve. It lifts at 75 % of its volts and lets go at 40 %. [practice] */
abstract class CoilLoad extends Kind
{
    private const LIFTS = 0.75;

    private const LETS_GO = 0.40;

    /** @return array{string, string} what is seen of it fed, and not fed */
    abstract protected function words(): array;

    /** @return list<Field> */
    protected static function coilFields(): array
    {
        return [
            Field::number('coil_volts', 'V', 'rated coil voltage', 5, 600, 24),
            Field::number('coil_ohms', 'Ω', 'coil resistance', 0.5, 50000),
            Field::number('va', 'VA', 'coil burden', 0.5, 200),
        ];
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        return [
            Element::between('1', '2', $this->coil($setting)),
            Element::between('1', '#case', Values::fault($setting, 'grounded', Values::SHORT_OHMS)),
        ];
    }

    /** @return list<float> */
    private function coil(Setting $setting): array
    {
        $ohms = $this->part->number('coil_ohms');
        $impedance = $this->part->number('coil_volts') ** 2 / $this->part->number('va');

        return match (true) {
            $setting->has('coil-open') => Values::OPEN,
            $setting->has('coil-shorted') => Values::ohms($setting->amount('coil-shorted', 0.1)),
            $setting->isDirect() => Values::ohms($ohms),
            default => Values::impedance(new Complex($ohms, sqrt(max(0.0, $impedance ** 2 - $ohms ** 2)))),
        };
    }

    #[\Override]
    public function wear(string $state, Setting $setting, Voltages $voltages): ?Drift
    {
        [$g, $b] = $this->coil($setting);
        $amps = $voltages->volts('1', '2') * hypot($g, $b);

        return Endurance::ofCoil($amps / ($this->part->number('va') / $this->part->number('coil_volts')), 'coil-open');
    }

    #[\Override]
    public function initialState(): string
    {
        return 'rest';
    }

    #[\Override]
    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        if ($setting->has('coil-open') || $setting->has('coil-shorted')) {
            return 'rest';
        }

        return $voltages->volts('1', '2') >= $this->part->number('coil_volts') * ($state === 'moved' ? self::LETS_GO : self::LIFTS)
            ? 'moved'
            : 'rest';
    }

    #[\Override]
    public function observables(): array
    {
        return $this->words();
    }

    #[\Override]
    public function observed(string $state, Setting $setting, Voltages $voltages): string
    {
        [$moved, $rest] = $this->words();

        return match (true) {
            $setting->has('stuck-moved') => $moved,
            $setting->has('stuck-rest') => $rest,
            default => $state === 'moved' ? $moved : $rest,
        };
    }

    #[\Override]
    public function faults(): array
    {
        return [
            new FaultMode('coil-open', 'coil open', 1.5),
            new FaultMode('coil-shorted', 'coil shorted', 0.5, 'Ω', signs: Sign::BURNT),
            new FaultMode('grounded', 'coil grounded', 0.3, 'Ω', signs: Sign::BURNT),
            new FaultMode('stuck-rest', 'does not move with its coil fed', 0.8, signs: Sign::STICKS),
            new FaultMode('stuck-moved', 'does not go back with its coil dead', 0.4),
        ];
    }

    #[\Override]
    public function symbols(): array
    {
        return [new Symbol(SymbolShape::Valve, '1', '2')];
    }

    #[\Override]
    public function isLoad(): bool
    {
        return true;
    }
}
