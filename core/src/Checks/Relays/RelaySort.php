<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Relays;

/** Sorts of relay by what their terminals read at rest. */
enum RelaySort: string
{
    case General = 'general purpose, normally open';
    case GeneralClosed = 'general purpose, normally closed';
    case Potential = 'potential, 1–2 and 2–5';
    case Current = 'current';
    case TimeDelay = 'time delay';
    case Sequencer = 'sequencer';
    case Lockout = 'lockout';

    /** Ohms of a coil, or of a sequencer's heater, at the least and at the most. [practice, no published source] */
    private const COILS = [
        'general purpose, normally open' => [4.0, 20e3],
        'general purpose, normally closed' => [4.0, 20e3],
        'potential, 1–2 and 2–5' => [1e3, 30e3],
        'current' => [0.0, 5.0],
        'time delay' => [10.0, 100e3],
        'sequencer' => [10.0, 500.0],
        'lockout' => [100.0, 20e3],
    ];

    /** @return array{float, float} ohms at the least and at the most */
    public function coil(): array
    {
        return self::COILS[$this->value];
    }

    /** Whether its contact is closed with nothing on its coil. */
    public function isClosedAtRest(): bool
    {
        return $this === self::Potential || $this === self::GeneralClosed || $this === self::Lockout;
    }

    /** What makes it move, as an order. */
    public function moving(): string
    {
        return match ($this) {
            self::Potential => 'Volts over 2 and 5 as the motor comes up: its contact opens at its pick-up.',
            self::Current => 'Amperes as the motor starts close it; as it comes up it opens.',
            self::Lockout => 'It has its volts only while a safety is open: '
                .'in series with the contactor\'s coil it takes nearly all of them.',
            self::Sequencer => 'Its heater on for up to two minutes: its contacts close one after another.',
            self::TimeDelay => 'Its control volts on, and a watch.',
            default => 'Its rated volts on its coil.',
        };
    }
}
