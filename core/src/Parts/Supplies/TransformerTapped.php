<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Supplies;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Demand;
use Levin\Core\Parts\DemandOf;
use Levin\Core\Parts\Drift;
use Levin\Core\Parts\Drifts\Warming;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\PlateContradiction;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/**
 * A control transformer with a tapped primary (H1 common, then 208, 240, 480 V and so on) and a small breaker in its secondary.
 *
 * Every stretch of winding is its resistance and an ideal transformer to one core node, whose volts are those of the highest tap;
 * the core has the magnetizing branch. Fed on one tap, the others show their own volts. Leakage reactance is left out; no-load
 * current is 20 % of rated at a power factor of 0.3, and the breaker's lag is 30 s [practice, no published source].
 */
final class TransformerTapped extends Transformers
{
    private const TAPS = ['H2', 'H3', 'H4'];

    private const BREAKER_LAG = 30.0;

    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('transformer-tapped', 'Control transformer, tapped primary, secondary breaker', [
            'H1',
            'H2',
            'H3',
            'H4',
            'X1',
            'X2',
        ], [
            Field::number('h2_volts', 'V', 'of tap H2', 24, 700),
            Field::number('h3_volts', 'V', 'of tap H3, more than H2; 0 when there is none', 0, 700, 0),
            Field::number('h4_volts', 'V', 'of tap H4, more than H3; 0 when there is none', 0, 700, 0),
            Field::number('open_circuit_volts', 'V', 'secondary without load', 6, 250, 26.8),
            Field::number('va', 'VA', 'rating', 5, 2000),
            Field::number('primary_ohms', 'Ω', 'H1 to the highest tap', 0.01, 5000),
            Field::number('secondary_ohms', 'Ω', 'secondary winding', 0.005, 500),
            Field::number('breaker_amps', 'A', 'its secondary breaker, reset by hand; 0 for none', 0, 30, 0),
        ], bare: ['H2', 'H3', 'H4'],
            usual: [
                'h2_volts' => 208, 'h3_volts' => 240, 'h4_volts' => 480, 'va' => 75,
                'primary_ohms' => 60, 'secondary_ohms' => 0.3, 'breaker_amps' => 4,
            ],
        );
    }

    #[\Override]
    public function check(): void
    {
        $last = 0.0;
        foreach ($this->taps() as $tap => $volts) {
            if ($volts <= $last) {
                throw PlateContradiction::tapsOutOfOrder($tap);
            }
            $last = $volts;
        }
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        $p = $this->part;
        $taps = $this->taps();
        $top = max($taps);
        $core = $this->core($top)->inverse();
        $highest = (string) array_key_last($taps);
        $elements = [
            Element::between('@core', '#earth', $setting->isDirect() ? [1.0, 0.0] : [$core->re, $core->im]),
            Element::between('@x', 'X1', self::breaker($state, $setting)),
            Element::coupled('@x', 'X2', '@core', '#earth', $this->secondary($setting)),
            Element::between('@x', 'X2', Values::short($setting->has('secondary-shorted'))),
            Element::between('H1', $highest, Values::short($setting->has('primary-shorted'))),
            Element::between('H1', '#case', Values::insulation($setting, Values::TRANSFORMER_FARADS)),
            Element::between('X2', '#case', [1 / Values::INSULATION_OHMS, $setting->omega * Values::TRANSFORMER_FARADS]),
        ];
        [$before, $below] = ['H1', 0.0];
        foreach ($taps as $tap => $volts) {
            $share = ($volts - $below) / $top;
            $winding = $this->winding($setting, 'primary', $p->number('primary_ohms') * $share, $share);
            $elements[] = Element::coupled($tap, $before, '@core', '#earth', $winding);
            [$before, $below] = [$tap, $volts];
        }

        return $elements;
    }

    /** @return list<float> */
    private static function breaker(string $state, Setting $setting): array
    {
        return Values::contact($state === 'set' && ! $setting->has('breaker-open'));
    }

    #[\Override]
    public function initialState(): string
    {
        return 'set';
    }

    #[\Override]
    public function stateWhenDead(string $state): string
    {
        return $state;
    }

    #[\Override]
    public function drift(string $state, Setting $setting, Voltages $voltages): ?Drift
    {
        $amps = $this->part->number('breaker_amps');
        if ($state !== 'set' || $amps == 0.0) {
            return null;
        }
        $now = $voltages->volts('@x', 'X1') * self::breaker($state, $setting)[0];

        return new Warming(($now / (1.15 * $amps)) ** 2, self::BREAKER_LAG, 'tripped');
    }

    #[\Override]
    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        $amps = $this->part->number('breaker_amps');
        $now = $voltages->volts('@x', 'X1') * self::breaker($state, $setting)[0];

        return $amps > 0.0 && $now > 6 * $amps ? 'tripped' : $state;
    }

    #[\Override]
    public function observables(): array
    {
        return $this->part->number('breaker_amps') > 0.0 ? ['button in', 'button out'] : [];
    }

    #[\Override]
    public function observed(string $state, Setting $setting, Voltages $voltages): string
    {
        return $this->observables() === [] ? '' : ($state === 'set' ? 'button in' : 'button out');
    }

    #[\Override]
    public function afterReset(string $state): string
    {
        return 'set';
    }

    #[\Override]
    public function faults(): array
    {
        return [
            ...parent::faults(),
            ...($this->part->number('breaker_amps') > 0.0 ? [new FaultMode('breaker-open', 'secondary breaker does not make', 0.3)] : []),
        ];
    }

    #[\Override]
    public function symbols(): array
    {
        $symbols = [new Symbol(SymbolShape::Secondary, 'X1', 'X2', 'secondary')];
        $before = 'H1';
        foreach ($this->taps() as $tap => $volts) {
            $symbols[] = new Symbol(SymbolShape::Primary, $tap, $before, sprintf('%g V', $volts));
            $before = $tap;
        }

        return $symbols;
    }

    #[\Override]
    protected function secondaryAmps(string $state, Setting $setting, Voltages $voltages): float
    {
        $y = $this->secondary($setting);

        return $voltages->across('@x', 'X2')->scaled($y[0])->plus($voltages->across('@core', '#earth')->scaled($y[2]))->abs();
    }

    /** @return list<float> */
    private function secondary(Setting $setting): array
    {
        $p = $this->part;

        return $this->winding(
            $setting,
            'secondary',
            $p->number('secondary_ohms'),
            $p->number('open_circuit_volts') / max($this->taps()),
        );
    }

    /**
     * @param  float  $ratio  of this winding's volts to the core's
     * @return list<float>
     */
    private function winding(Setting $setting, string $name, float $ohms, float $ratio): array
    {
        $y = 1 / $ohms;
        $coupled = $setting->isDirect() ? 0.0 : 1.0;

        return $setting->has("$name-open")
            ? [0, 0, 0, 0, 0, 0, 0, 0]
            : [$y, 0, -$ratio * $y * $coupled, 0, -$ratio * $y * $coupled, 0, $ratio ** 2 * $y * $coupled, 0];
    }

    /** @return non-empty-array<string, float> volts by tap */
    private function taps(): array
    {
        $taps = ['H2' => $this->part->number('h2_volts')];
        foreach (array_slice(self::TAPS, 1) as $tap) {
            $volts = $this->part->number(strtolower($tap).'_volts');
            if ($volts > 0.0) {
                $taps[$tap] = $volts;
            }
        }

        return $taps;
    }

    #[\Override]
    public function demand(): Demand
    {
        return new Demand(DemandOf::Other, $this->part->number('va') / max($this->taps()), ['H1', ...array_keys($this->taps())]);
    }
}
