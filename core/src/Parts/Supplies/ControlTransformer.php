<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Supplies;

use Levin\Core\Network\Complex;
use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Demand;
use Levin\Core\Parts\DemandOf;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/**
 * A control transformer: winding resistances, a magnetizing branch, an ideal ratio between.
 *
 * Leakage reactance is left out: in small 50/60 Hz control transformers the winding resistance governs the regulation.
 * No-load current is taken as 20 % of rated primary current at a power factor of 0.3. [practice, no published source]
 */
final class ControlTransformer extends Transformers
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('transformer', 'Control transformer', ['H1', 'H2', 'X1', 'X2'], [
            Field::number('primary_volts', 'V', 'rated primary', 24, 600),
            Field::number('open_circuit_volts', 'V', 'secondary without load', 6, 250, 26.8),
            Field::number('va', 'VA', 'rating', 5, 2000),
            Field::number('primary_ohms', 'Ω', 'primary winding', 0.01, 5000),
            Field::number('secondary_ohms', 'Ω', 'secondary winding', 0.005, 500),
        ],
            usual: ['primary_volts' => 240, 'va' => 40, 'primary_ohms' => 48, 'secondary_ohms' => 0.65],
        );
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        return [
            Element::coupled('H1', 'H2', 'X1', 'X2', $this->windings($setting)),
            Element::between('H1', 'H2', Values::short($setting->has('primary-shorted'))),
            Element::between('X1', 'X2', Values::short($setting->has('secondary-shorted'))),
            Element::between('H1', '#case', Values::insulation($setting, Values::TRANSFORMER_FARADS)),
            Element::between('X1', '#case', [1 / Values::INSULATION_OHMS, $setting->omega * Values::TRANSFORMER_FARADS]),
        ];
    }

    #[\Override]
    public function symbols(): array
    {
        return [new Symbol(SymbolShape::Primary, 'H1', 'H2', 'primary'), new Symbol(SymbolShape::Secondary, 'X1', 'X2', 'secondary')];
    }

    #[\Override]
    protected function secondaryAmps(string $state, Setting $setting, Voltages $voltages): float
    {
        $y = $this->windings($setting);

        return (new Complex($y[4], $y[5]))->times($voltages->across('H1', 'H2'))
            ->plus((new Complex($y[6], $y[7]))->times($voltages->across('X1', 'X2')))->abs();
    }

    /** @return list<float> */
    private function windings(Setting $setting): array
    {
        $p = $this->part;
        $primary = new Complex($p->number('primary_ohms'));
        $secondary = new Complex($p->number('secondary_ohms'));
        $primaryOpen = $setting->has('primary-open');
        $secondaryOpen = $setting->has('secondary-open');
        if ($setting->isDirect()) {
            $zero = new Complex(0);

            return Values::twoPort($primary, $zero, $zero, $secondary, $primaryOpen, $secondaryOpen);
        }
        $core = $this->core($p->number('primary_volts'));
        $ratio = $p->number('open_circuit_volts') / $p->number('primary_volts') * $core->plus($primary)->abs() / $core->abs();
        $mutual = $core->scaled($ratio);

        return Values::twoPort(
            $core->plus($primary),
            $mutual,
            $mutual,
            $core->scaled($ratio ** 2)->plus($secondary),
            $primaryOpen,
            $secondaryOpen,
        );
    }

    #[\Override]
    public function demand(): Demand
    {
        return new Demand(DemandOf::Other, $this->part->number('va') / $this->part->number('primary_volts'), ['H1', 'H2']);
    }
}
