<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Motors;

use Levin\Core\Network\Complex;
use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Sign;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;

/**
 * A blower motor with speed taps: R is high speed, MED and LO feed it through more winding, taken as an impedance in series (its
 * own coupling to the rest of the winding is left out).
 */
final class MotorPscSpeeds extends CapacitorMotor
{
    private const TAPS = ['MED', 'LO'];

    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('motor-psc-speeds', 'Blower motor, permanent split capacitor, speed taps', ['C', 'S', 'R', 'MED', 'LO'], [
            ...self::motorFields(1075),
            Field::number('tap_ohms', 'Ω', 'winding between one tap and the next, cold', 0.1, 500, 3),
            Field::number('tap_reactance', 'Ω', 'its reactance', 0.1, 1000, 14),
        ], optional: ['MED', 'LO'],
            usual: [
                'volts' => 120, 'fla' => 5.6, 'lra' => 20, 'run_ohms' => 2.2, 'start_ohms' => 7.5, 'capacitor_uf' => 10,
                'tap_ohms' => 0.4, 'tap_reactance' => 1.2,
            ],
        );
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        $z = new Complex($this->part->number('tap_ohms'), $setting->isDirect() ? 0.0 : $this->part->number('tap_reactance'));
        $elements = parent::elements($state, $setting);
        $before = 'R';
        foreach ($this->taps() as $tap) {
            $open = $setting->has(strtolower($tap).'-open');
            $elements[] = Element::between($before, $tap, $open ? Values::OPEN : Values::impedance($z));
            $before = $tap;
        }

        return $elements;
    }

    #[\Override]
    public function symbols(): array
    {
        $symbols = parent::symbols();
        $before = 'R';
        foreach ($this->taps() as $tap) {
            $symbols[] = new Symbol(SymbolShape::Winding, $tap, $before, strtolower($tap));
            $before = $tap;
        }

        return $symbols;
    }

    #[\Override]
    protected function breakaway(): float
    {
        return 0.02;
    }

    #[\Override]
    protected function inertia(): float
    {
        return 1.2;
    }

    #[\Override]
    protected function ownFaults(): array
    {
        return [
            new FaultMode('overload-open', 'thermal overload open', 0.8, signs: Sign::OVERHEATED),
            new FaultMode('seized', 'bearings seized', 1.5, signs: Sign::SEIZED),
            ...array_map(
                static fn (string $tap): FaultMode => new FaultMode(strtolower($tap).'-open', "tap $tap open", 0.4),
                $this->taps(),
            ),
        ];
    }

    /** @return non-empty-list<string> the terminals of its speeds, the fastest first */
    public function speedLeads(): array
    {
        return ['R', ...$this->taps()];
    }

    /** @return list<string> those that are wired */
    private function taps(): array
    {
        return array_values(array_filter(self::TAPS, $this->part->has(...)));
    }
}
