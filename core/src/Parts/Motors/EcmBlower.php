<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Motors;

use Levin\Core\Parts\Demand;
use Levin\Core\Parts\DemandOf;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Pending;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Sign;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/**
 * An electronically commutated blower: line power at all times on L1–L2, and 24 V between a speed terminal and C starts it.
 *
 * Its line current is a rectifier's: watts at a power factor of 0.6 [practice, no published source], falling with the resistance of
 * the ducts at constant torque and rising with it at constant airflow. The module is electronics: no megohmmeter, no ohms on it.
 */
abstract class EcmBlower extends Kind
{
    private const POWER_FACTOR = 0.6;

    private const STANDBY_WATTS = 4.0;

    private const INPUT_OHMS = 2400.0;

    /** Its wheel stands this long after its module has let go, seconds. [practice, no published source] */
    private const COASTS = 4.0;

    /** @return non-empty-list<string> speed terminals from the lowest to the highest */
    abstract protected static function speeds(): array;

    /** Watts go with this power of the ducts' resistance. */
    abstract protected function restrictionExponent(): float;

    /** @return list<Field> */
    protected static function blowerFields(): array
    {
        return [
            Field::number('volts', 'V', 'rated line voltage', 100, 300),
            Field::number('watts', 'W', 'at the highest speed', 50, 2000),
            Field::number('start_delay', 's', 'from speed signal to turning', 0.5, 60, 3),
            Field::number('off_delay', 's', 'from speed signal gone to stopping', 0, 300, 0),
            Field::quantity('restriction', 'resistance of the ducts, 1 as designed'),
        ];
    }

    #[\Override]
    public function hasShaft(): bool
    {
        return true;
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        return [
            Element::between('L1', 'L2', $this->module($state, $setting)),
            ...array_map(static fn (string $t): Element => Element::between($t, 'C', Values::ohms(self::INPUT_OHMS)), $this->wired()),
        ];
    }

    /** @return list<float> */
    private function module(string $state, Setting $setting): array
    {
        if ($setting->isDirect()) {
            return Values::ohms(1e6);
        }
        $watts = self::STANDBY_WATTS;
        if (str_starts_with($state, 'runs')) {
            $place = (int) array_search(substr($state, 5), static::speeds(), true);
            $by = $this->part->text('restriction');
            // speed falls evenly from tap to tap; power with its cube (fan laws)
            $share = (0.6 + 0.4 * ($place + 1) / count(static::speeds())) ** 3;
            $ducts = $by === '' ? 1.0 : max(0.2, $setting->quantity($by)) ** $this->restrictionExponent();
            $watts += $this->part->number('watts') * $share * $ducts * (Wheel::share($setting) + $setting->degree('dragging', 0.4, 0.0));
        }

        return match (true) {
            $setting->has('module-shorted') => Values::ohms(0.05),
            $setting->has('module-open') => Values::OPEN,
            default => Values::load($this->part->number('volts'), $watts, self::POWER_FACTOR),
        };
    }

    #[\Override]
    public function initialState(): string
    {
        return 'still';
    }

    /** States: still, starting, or `runs` and the speed terminal that leads, or led until its signal or its power went. */
    #[\Override]
    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        $lead = $this->leading($voltages);
        $runs = str_starts_with($state, 'runs');

        return match (true) {
            $setting->has('seized') => 'still',
            $lead !== null && $this->isAble($setting, $voltages) => $runs ? "runs $lead" : 'starting',
            default => $runs ? $state : 'still',
        };
    }

    #[\Override]
    public function pending(string $state, Setting $setting, Voltages $voltages): array
    {
        $lead = $this->leading($voltages);
        $able = $this->isAble($setting, $voltages);
        $coasts = self::COASTS + ($able ? $this->part->number('off_delay') : 0.0);

        return match (true) {
            $state === 'starting' => [new Pending("runs $lead", $this->part->number('start_delay'))],
            $state !== 'still' && ($lead === null || ! $able) => [new Pending('still', $coasts)],
            default => [],
        };
    }

    private function isAble(Setting $setting, Voltages $voltages): bool
    {
        return $voltages->volts('L1', 'L2') > 0.75 * $this->part->number('volts')
            && ! $setting->has('module-dead') && ! $setting->has('module-open')
            && ! $setting->has('winding-open') && ! $setting->has('seized');
    }

    #[\Override]
    public function senses(): array
    {
        $by = $this->part->text('restriction');

        return $by === '' ? [] : [$by];
    }

    #[\Override]
    public function observables(): array
    {
        return ['runs', Wheel::WITHOUT, 'still'];
    }

    #[\Override]
    public function observed(string $state, Setting $setting, Voltages $voltages): string
    {
        return match (true) {
            ! str_starts_with($state, 'runs') || ! $this->isAble($setting, $voltages) => 'still',
            default => Wheel::isLoose($setting) ? Wheel::WITHOUT : 'runs',
        };
    }

    #[\Override]
    public function faults(): array
    {
        return [
            new FaultMode('module-dead', 'module does not answer its speed terminal', 2.0),
            new FaultMode('module-open', 'module takes no line current', 0.6),
            new FaultMode('module-shorted', 'module shorted on the line side', 0.4, signs: Sign::BURNT),
            new FaultMode('winding-open', 'motor winding open', 0.6),
            new FaultMode('seized', 'bearings seized', 0.8, signs: Sign::SEIZED),
            new FaultMode('dragging', 'dragging: bearing or wheel', 0.09, 'share of its power', FaultMode::DRAG, Sign::DRAGS),
            ...Wheel::faults(),
        ];
    }

    #[\Override]
    public function symbols(): array
    {
        return [
            new Symbol(SymbolShape::Motor, 'L1', 'L2', 'blower'),
            ...array_map(static fn (string $t): Symbol => new Symbol(SymbolShape::Sense, $t, 'C', "speed $t"), $this->wired()),
        ];
    }

    #[\Override]
    public function isElectronic(): bool
    {
        return true;
    }

    /** The highest speed terminal that has its 24 V. */
    private function leading(Voltages $voltages): ?string
    {
        foreach (array_reverse($this->wired()) as $t) {
            if ($voltages->volts($t, 'C') > 15.0) {
                return $t;
            }
        }

        return null;
    }

    /** @return list<string> */
    private function wired(): array
    {
        return array_values(array_filter(static::speeds(), $this->part->has(...)));
    }

    #[\Override]
    public function demand(): Demand
    {
        return new Demand(
            DemandOf::Motor,
            $this->part->number('watts') / self::POWER_FACTOR / $this->part->number('volts'),
            ['L1', 'L2'],
        );
    }
}
