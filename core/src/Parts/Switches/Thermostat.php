<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Switches;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Pending;
use Levin\Core\Parts\PlateContradiction;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/**
 * A thermostat on its sub-base: R to each terminal that its call asks for. Terminals the file gives no call stay open.
 *
 * After the last call for cooling has gone it lets none pass for its minimum off-time. It runs on its battery; or on a common wire,
 * and is blank without it; or it steals its power through whatever hangs on its open terminals, which always carries a little then:
 * enough for a board's input to take it for a call.
 */
final class Thermostat extends Kind
{
    private const CALLS = [
        'Y' => 'cooling', 'Y1' => 'cooling, first stage', 'Y2' => 'cooling, second stage', 'G' => 'fan', 'W' => 'heating',
        'W1' => 'heating, first stage',
        'W2' => 'heating, second stage',
        'O' => 'valve in cooling',
        'B' => 'valve in heating',
        'E' => 'emergency heat',
    ];

    /** Terminals that call for a compressor, which wants its rest. */
    private const COMPRESSORS = ['Y', 'Y1', 'Y2'];

    private const BATTERY = 'battery';

    private const COMMON = 'common';

    private const STEALS = 'steals';

    /** Of its electronics on a common, and of what it steals through, ohms. [practice, no published source] */
    private const COMMON_OHMS = 1200.0;

    private const STEALING_OHMS = 2200.0;

    /** Volts it wakes from. [practice, no published source] */
    private const WAKES = 15.0;

    #[\Override]
    public static function definition(): Definition
    {
        return new Definition(
            'thermostat', 'Thermostat', ['R', 'C', ...array_keys(self::CALLS)],
            [
                ...array_map(static fn (string $t): Field => Field::optionalCondition(
                    strtolower($t).'_called_by',
                    'the condition that calls for '.self::CALLS[$t],
                ), array_keys(self::CALLS)),
                Field::number('minimum_off', 's', 'from a call for cooling gone to the next one passed on', 0, 900, 0),
                Field::choice('power', 'what its electronics live on', [self::BATTERY, self::COMMON, self::STEALS]),
            ],
            optional: ['C', ...array_keys(self::CALLS)],
        );
    }

    #[\Override]
    public function check(): void
    {
        if ($this->power() === self::COMMON && ! $this->part->has('C')) {
            throw PlateContradiction::noCommon();
        }
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        $elements = array_map(
            fn (string $t): Element => Element::between('R', $t, $this->contact($t, $state, $setting)),
            $this->calls(),
        );

        return $this->power() === self::COMMON ? [...$elements, Element::between('R', 'C', Values::ohms(self::COMMON_OHMS))] : $elements;
    }

    /** @return list<float> from R to a terminal */
    private function contact(string $terminal, string $state, Setting $setting): array
    {
        $name = strtolower($terminal);
        $rests = in_array($terminal, self::COMPRESSORS, true) && self::holds($state, 'resting');
        $made = $this->isCalled($terminal, $setting) && ! $rests && ! self::holds($state, 'blank')
            && ! $setting->has("$name-open") && ! $setting->has('dead');

        return match (true) {
            $made || $setting->has("$name-stuck") => Values::contact(true),
            $this->power() === self::STEALS => Values::ohms(self::STEALING_OHMS),
            default => Values::OPEN,
        };
    }

    #[\Override]
    public function initialState(): string
    {
        return $this->power() === self::BATTERY && $this->part->number('minimum_off') == 0.0 ? '' : 'ready';
    }

    /** States: ready, calling (for cooling), resting; `blank` after it without power. */
    #[\Override]
    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        if ($state === '') {
            return $state;
        }
        $called = fn (string $t): bool => in_array($t, self::COMPRESSORS, true) && $this->isCalled($t, $setting);
        $calls = array_filter($this->calls(), $called);
        $next = match (true) {
            $this->part->number('minimum_off') == 0.0 => 'ready',
            self::holds($state, 'resting') => 'resting',
            $calls !== [] => 'calling',
            default => self::holds($state, 'calling') ? 'resting' : 'ready',
        };

        return $next.($this->isPowered($voltages) ? '' : ' blank');
    }

    #[\Override]
    public function pending(string $state, Setting $setting, Voltages $voltages): array
    {
        return $state === 'resting' ? [new Pending('ready', $this->part->number('minimum_off'))] : [];
    }

    #[\Override]
    public function observables(): array
    {
        return $this->power() === self::BATTERY ? [] : ['display lit', 'display blank'];
    }

    #[\Override]
    public function observed(string $state, Setting $setting, Voltages $voltages): string
    {
        return match (true) {
            $this->power() === self::BATTERY => '',
            self::holds($state, 'blank') || $setting->has('dead') => 'display blank',
            default => 'display lit',
        };
    }

    #[\Override]
    public function faults(): array
    {
        $faults = [];
        foreach ($this->calls() as $n => $t) {
            $faults[] = new FaultMode(strtolower($t).'-open', "does not make R to $t", $n === 0 ? 1.0 : 0.8);
        }
        foreach ($this->calls() as $t) {
            $faults[] = new FaultMode(strtolower($t).'-stuck', "R to $t stuck closed", 0.3);
        }

        return $faults;
    }

    #[\Override]
    public function symbols(): array
    {
        return array_map(
            static fn (string $t): Symbol => new Symbol(SymbolShape::Contact, 'R', $t, strstr(self::CALLS[$t].',', ',', true) ?: ''),
            $this->calls(),
        );
    }

    /** @return list<string> terminals with a call */
    private function calls(): array
    {
        return array_values(array_filter(
            array_keys(self::CALLS),
            fn (string $t): bool => $this->part->has($t) && $this->part->text(strtolower($t).'_called_by') !== '',
        ));
    }

    private function power(): string
    {
        return $this->part->text('power');
    }

    private function isCalled(string $terminal, Setting $setting): bool
    {
        return $setting->isOn($this->part->text(strtolower($terminal).'_called_by'));
    }

    private function isPowered(Voltages $voltages): bool
    {
        $most = static fn (string ...$to): float => max(array_map(
            static fn (string $t): float => $voltages->volts('R', $t),
            [...$to, 'R'],
        ));

        return match ($this->power()) {
            self::COMMON => $most('C') >= self::WAKES,
            self::STEALS => $most(...$this->calls()) >= self::WAKES,
            default => true,
        };
    }

    private static function holds(string $state, string $word): bool
    {
        return in_array($word, explode(' ', $state), true);
    }
}
