<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Relays;

use Levin\Core\Parts\Definition;
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
 * A current-sensing lockout: while the call Y is there it passes it on to CC; when no current follows through its loop S1–S2
 * within the delay it opens CC, feeds the alarm X, and stays so until the call is taken away.
 */
final class LockoutRelay extends Kind
{
    /** The loop is a wire through a hole. */
    private const LOOP_OHMS = 1e-3;

    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('relay-lockout', 'Lockout relay, current sensing', ['Y', 'C', 'CC', 'X', 'S1', 'S2'], [
            Field::number('delay', 's', 'from call to lockout without current', 0.5, 300, 10),
            Field::number('amps', 'A', 'current that counts as a compressor running', 0.5, 50, 4),
        ], bare: ['X'],
            usual: ['delay' => 12, 'amps' => 3],
        );
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        $locked = $state === 'locked out';

        return [
            Element::between('Y', 'CC', Values::contact((! $locked && ! $setting->has('contact-open')) || $setting->has('welded'))),
            Element::between('Y', 'X', Values::contact($locked)),
            Element::between('S1', 'S2', Values::ohms(self::LOOP_OHMS)),
            Element::between('Y', 'C', Values::ohms(2200.0)),
        ];
    }

    #[\Override]
    public function initialState(): string
    {
        return 'idle';
    }

    #[\Override]
    public function stateWhenDead(string $state): string
    {
        return 'idle';
    }

    #[\Override]
    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        if ($voltages->volts('Y', 'C') < 16.0) {
            return 'idle';
        }
        if ($state === 'locked out') {
            return $state;
        }
        $amps = $voltages->volts('S1', 'S2') / self::LOOP_OHMS;

        return $amps > $this->part->number('amps') && ! $setting->has('sensor-dead') ? 'satisfied' : 'waiting';
    }

    #[\Override]
    public function pending(string $state, Setting $setting, Voltages $voltages): array
    {
        return $state === 'waiting' ? [new Pending('locked out', $this->part->number('delay'))] : [];
    }

    #[\Override]
    public function observables(): array
    {
        return ['dark', 'lit'];
    }

    #[\Override]
    public function observed(string $state, Setting $setting, Voltages $voltages): string
    {
        return $state === 'locked out' ? 'lit' : 'dark';
    }

    #[\Override]
    public function faults(): array
    {
        return [
            new FaultMode('sensor-dead', 'does not sense the current', 1.0),
            new FaultMode('contact-open', 'does not pass the call on', 0.8, signs: Sign::PITTED),
            new FaultMode('welded', 'passes the call on always', 0.2),
        ];
    }

    #[\Override]
    public function symbols(): array
    {
        return [
            new Symbol(SymbolShape::Contact, 'Y', 'CC', 'lockout'),
            new Symbol(SymbolShape::Contact, 'Y', 'X', 'alarm'),
            new Symbol(SymbolShape::Link, 'S1', 'S2', 'senses'),
            new Symbol(SymbolShape::Board, 'Y', 'C', 'lockout'),
        ];
    }

    #[\Override]
    public function isElectronic(): bool
    {
        return true;
    }
}
