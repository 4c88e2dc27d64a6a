<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Motors;

use Levin\Core\Network\Complex;
use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Pending;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/**
 * A two-wire start kit across a run capacitor: a thermistor that lets a start current through while it is cold, with or without a
 * start capacitor in series. It goes by its own heat and not by the motor: it opens after a time, come up or not, and a warm one
 * gives no second start until it has cooled. A potential relay goes by the motor's voltage. All values [practice, no published source].
 */
final class StartKitPtc extends Kind
{
    private const HOT_OHMS = 30e3;

    /** Heat that switches it, joules. */
    private const SWITCHES = 700.0;

    /** Seconds that it takes to cool. */
    private const COOLS = 180.0;

    /** Less than this on it keeps it no longer hot, volts. */
    private const KEEPS = 60.0;

    private const COLD = 'cold';

    private const HOT = 'hot';

    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('start-kit-ptc', 'Start kit, two-wire (PTC)', ['1', '2'], [
            Field::number('ohms', 'Ω', 'thermistor, cold', 5, 200, 25),
            Field::number('start_uf', 'µF', 'start capacitor in series with it; 0 for none', 0, 400, 0),
        ]);
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        return [Element::between('1', '2', $this->path($state, $setting))];
    }

    /** @return list<float> */
    private function path(string $state, Setting $setting): array
    {
        $farads = $this->part->number('start_uf') * 1e-6;
        if ($setting->has('open') || ($setting->isDirect() && $farads > 0.0)) {
            return Values::OPEN;
        }
        $ohms = $state === self::COLD || $setting->has('stuck-cold') ? $this->part->number('ohms') : self::HOT_OHMS;

        return Values::impedance(new Complex($ohms, $farads > 0.0 ? -1 / ($setting->omega * $farads) : 0.0));
    }

    #[\Override]
    public function initialState(): string
    {
        return self::COLD;
    }

    #[\Override]
    public function pending(string $state, Setting $setting, Voltages $voltages): array
    {
        $volts = $voltages->volts('1', '2');
        [$g, $b] = $this->path($state, $setting);
        $watts = $volts ** 2 * ($g ** 2 + $b ** 2) * $this->part->number('ohms');

        return match (true) {
            $state === self::HOT => $volts < self::KEEPS ? [new Pending(self::COLD, self::COOLS)] : [],
            $watts > self::SWITCHES / 60.0 && ! $setting->has('stuck-cold') => [new Pending(self::HOT, self::SWITCHES / $watts)],
            default => [],
        };
    }

    #[\Override]
    public function faults(): array
    {
        return [
            new FaultMode('open', 'open: no help in starting', 1.0),
            new FaultMode('stuck-cold', 'does not go hot: stays in circuit', 0.4),
        ];
    }

    #[\Override]
    public function symbols(): array
    {
        return [new Symbol(SymbolShape::Resistor, '1', '2', 'PTC')];
    }

    #[\Override]
    public function isLoad(): bool
    {
        return false;
    }
}
