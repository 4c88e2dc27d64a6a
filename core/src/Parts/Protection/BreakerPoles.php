<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Protection;

use Levin\Core\Parts\Drift;
use Levin\Core\Parts\Drifts\Warming;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\OvercurrentDevice;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Switches\PoleSwitch;
use Levin\Core\Parts\Voltages;

/**
 * A thermal-magnetic circuit breaker: it opens at once on a short, and on an overload as its bimetal warms.
 *
 * Bimetal: a first-order body that opens at 1.15 times the rating in the end, lag 120 s. So 135 % opens in 2.6 minutes (UL 489
 * allows an hour up to 50 A), 200 % in 48 s (UL 489: two minutes up to 30 A, four up to 50 A), 600 % in 4.5 s. Limits from memory.
 */
abstract class BreakerPoles extends PoleSwitch
{
    private const HOLDS = 1.15;

    private const LAG = 120.0;

    /** @return list<Field> */
    protected static function breakerFields(): array
    {
        return [
            ...self::switchFields(),
            Field::number('amps', 'A', 'rating', 5, 400),
            Field::number('trips_at', '×', 'multiple of the rating at which it opens at once', 3, 20, 10),
        ];
    }

    #[\Override]
    public function initialState(): string
    {
        return 'holds';
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        $elements = parent::elements($state, $setting);

        return $state === 'tripped' ? array_map(static fn (Element $e): Element => $e->isolated(), $elements) : $elements;
    }

    #[\Override]
    public function stateWhenDead(string $state): string
    {
        return $state;
    }

    #[\Override]
    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        $limit = $this->part->number('amps') * $this->part->number('trips_at');

        return $state !== 'tripped' && $this->amps($setting, $voltages) > $limit ? 'tripped' : $state;
    }

    #[\Override]
    public function drift(string $state, Setting $setting, Voltages $voltages): ?Drift
    {
        if ($state === 'tripped') {
            return null;
        }
        $rating = $this->part->number('amps') * $setting->degree('weak', 0.6, 1.0);

        return new Warming(($this->amps($setting, $voltages) / ($rating * self::HOLDS)) ** 2, self::LAG, 'tripped');
    }

    #[\Override]
    public function afterReset(string $state): string
    {
        return 'holds';
    }

    #[\Override]
    public function faults(): array
    {
        return [
            new FaultMode('tripped', 'tripped or weak breaker', 0.5),
            new FaultMode('weak', 'opens below its rating', 0.09, 'share of its rating', [0.8, 0.6, 0.4]),
            ...parent::faults(),
        ];
    }

    #[\Override]
    public function observables(): array
    {
        return ['on', 'tripped', 'off'];
    }

    #[\Override]
    public function observed(string $state, Setting $setting, Voltages $voltages): string
    {
        return match (true) {
            $state === 'tripped' || $setting->has('tripped') => 'tripped',
            $setting->isOn($this->part->text('closed_by')) => 'on',
            default => 'off',
        };
    }

    /** In the pole that carries most, while it holds. */
    private function amps(Setting $setting, Voltages $voltages): float
    {
        $most = 0.0;
        for ($n = 1; $n <= static::poles(); $n++) {
            $most = max($most, $voltages->volts("L$n", "T$n") * $this->pole($n, $setting)[0]);
        }

        return $most;
    }

    #[\Override]
    public function overcurrentDevice(): OvercurrentDevice
    {
        return new OvercurrentDevice(
            $this->part->number('amps'),
            array_map(static fn (int $n): array => ["L$n", "T$n"], range(1, static::poles())),
        );
    }
}
