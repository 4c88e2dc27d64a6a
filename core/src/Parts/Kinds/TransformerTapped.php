<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Kinds;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Drift;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
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

    public static function definition(): Definition
    {
        return new Definition('transformer-tapped', 'Control transformer, tapped primary, secondary breaker', ['H1', 'H2', 'H3', 'H4', 'X1', 'X2'], [
            Field::number('h2_volts', 'V', 'of tap H2', 24, 700),
            Field::number('h3_volts', 'V', 'of tap H3, more than H2; 0 when there is none', 0, 700, 0),
            Field::number('h4_volts', 'V', 'of tap H4, more than H3; 0 when there is none', 0, 700, 0),
            Field::number('open_circuit_volts', 'V', 'secondary without load', 6, 250, 26.8),
            Field::number('va', 'VA', 'rating', 5, 2000),
            Field::number('primary_ohms', 'Ω', 'H1 to the highest tap', 0.01, 5000),
            Field::number('secondary_ohms', 'Ω', 'secondary winding', 0.005, 500),
            Field::number('breaker_amps', 'A', 'its secondary breaker, reset by hand; 0 for none', 0, 30, 0),
        ], bare: ['H2', 'H3', 'H4']);
    }

    public function check(): void
    {
        $last = 0.0;
        foreach ($this->taps() as $tap => $volts) {
            if ($volts <= $last) {
                throw new \DomainException("Tap $tap must have more volts than the tap before it. Change ".strtolower($tap).'_volts.');
            }
            $last = $volts;
        }
    }

    public function elements(): array
    {
        $elements = [Element::between('@core', '#earth'), Element::between('@x', 'X1'), Element::coupled('@x', 'X2', '@core', '#earth'), Element::between('@x', 'X2'), Element::between('H1', (string) array_key_last($this->taps())), Element::between('H1', '#case'), Element::between('X2', '#case')];
        $before = 'H1';
        foreach (array_keys($this->taps()) as $tap) {
            $elements[] = Element::coupled($tap, $before, '@core', '#earth');
            $before = $tap;
        }

        return $elements;
    }

    public function initialState(): string
    {
        return 'set';
    }

    public function stateWhenDead(string $state): string
    {
        return $state;
    }

    public function stamps(string $state, Setting $setting): array
    {
        $p = $this->part;
        $top = max($this->taps());
        $core = $this->core($top)->inverse();
        $stamps = [
            $setting->isDirect() ? [1.0, 0.0] : [$core->re, $core->im],
            Values::contact($state === 'set' && ! $setting->has('breaker-open')),
            $this->winding($setting, 'secondary', $p->number('secondary_ohms'), $p->number('open_circuit_volts') / $top),
        ];
        array_push($stamps, Values::short($setting->has('secondary-shorted')), Values::short($setting->has('primary-shorted')), Values::insulation($setting, Values::TRANSFORMER_FARADS), [1 / Values::INSULATION_OHMS, $setting->omega * Values::TRANSFORMER_FARADS]);
        $before = 0.0;
        foreach ($this->taps() as $volts) {
            $share = ($volts - $before) / $top;
            $stamps[] = $this->winding($setting, 'primary', $p->number('primary_ohms') * $share, $share);
            $before = $volts;
        }

        return $stamps;
    }

    public function drift(string $state, Setting $setting, Voltages $voltages): ?Drift
    {
        $amps = $this->part->number('breaker_amps');
        if ($state !== 'set' || $amps == 0.0) {
            return null;
        }
        $now = $voltages->across('@x', 'X1')->abs() * $this->stamps($state, $setting)[1][0];

        return Drift::warmingTo(($now / (1.15 * $amps)) ** 2, self::BREAKER_LAG, 1.0, 'tripped');
    }

    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        $amps = $this->part->number('breaker_amps');
        $now = $voltages->across('@x', 'X1')->abs() * $this->stamps($state, $setting)[1][0];

        return $amps > 0.0 && $now > 6 * $amps ? 'tripped' : $state;
    }

    public function observables(): array
    {
        return $this->part->number('breaker_amps') > 0.0 ? ['button in', 'button out'] : [];
    }

    public function observed(string $state, Setting $setting, Voltages $voltages): string
    {
        return $this->observables() === [] ? '' : ($state === 'set' ? 'button in' : 'button out');
    }

    public function afterReset(string $state): string
    {
        return 'set';
    }

    public function faults(): array
    {
        return [...parent::faults(), ...($this->part->number('breaker_amps') > 0.0 ? [new FaultMode('breaker-open', 'secondary breaker does not make', 0.3)] : [])];
    }

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

    /**
     * @param  float  $ratio  of this winding's volts to the core's
     * @return list<float>
     */
    private function winding(Setting $setting, string $name, float $ohms, float $ratio): array
    {
        $y = 1 / $ohms;
        $coupled = $setting->isDirect() ? 0.0 : 1.0;

        return $setting->has("$name-open") ? [0, 0, 0, 0, 0, 0, 0, 0] : [$y, 0, -$ratio * $y * $coupled, 0, -$ratio * $y * $coupled, 0, $ratio ** 2 * $y * $coupled, 0];
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
}
