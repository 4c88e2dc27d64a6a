<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Sensors;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;

/**
 * A thermistor. NTC: R = R25·exp(B·(1/T − 1/298.15)), T in kelvin (the beta formula; 10 kΩ at 25 °C with B = 3950 K is usual). PTC as
 * in a motor winding: low until its rated temperature and then rising a hundredfold within 15 K (DIN 44081, from memory).
 */
final class Thermistor extends Kind
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('thermistor', 'Thermistor', ['1', '2'], [
            Field::quantity('senses', 'the temperature, °C', required: true),
            Field::choice('curve', 'how it goes with temperature', ['ntc', 'ptc']),
            Field::number('ohms', 'Ω', 'at 25 °C', 10, 1e6, 10000),
            Field::number('beta', 'K', 'of an NTC', 2000, 5000, 3950),
            Field::number('rated_at', '°C', 'of a PTC: where it takes off', 40, 200, 120),
        ]);
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        $drift = $setting->degree('drifted', 1.5, 1.0);

        return [Element::between('1', '2', match (true) {
            $setting->has('open') => Values::OPEN,
            $setting->has('shorted') => Values::ohms(1.0),
            default => Values::ohms($drift * $this->ohms($setting->quantity($this->part->text('senses')))),
        })];
    }

    #[\Override]
    public function senses(): array
    {
        return [$this->part->text('senses')];
    }

    #[\Override]
    public function faults(): array
    {
        return [
            new FaultMode('open', 'open', 0.8),
            new FaultMode('shorted', 'shorted', 0.4),
            new FaultMode('drifted', 'off its curve', 0.09, 'times its value', [0.7, 1.5, 3.0]),
        ];
    }

    #[\Override]
    public function symbols(): array
    {
        return [new Symbol(SymbolShape::Resistor, '1', '2', 'sensor')];
    }

    #[\Override]
    public function isLoad(): bool
    {
        return false;
    }

    public function ohms(float $celsius): float
    {
        $cold = $this->part->number('ohms');
        if ($this->part->text('curve') === 'ntc') {
            return (new NtcCurve($cold, $this->part->number('beta')))->ohms($celsius);
        }

        return $cold * 100 ** max(0.0, min(1.5, ($celsius - $this->part->number('rated_at') + 7.5) / 15));
    }
}
