<?php

declare(strict_types=1);

namespace Levin\Core\Record;

/** What was seen at a thermostat, and what that says before any cover comes off. [practice, no published source] */
final readonly class ThermostatSeen
{
    /** Kelvin: a thermostat calls when the room is that far from what it is set to. [practice, no published source] */
    private const DIFFERENTIAL = 0.3;

    /**
     * @param  float|null  $set  °C; null where it was not written down
     * @param  float|null  $shows  °C
     */
    private function __construct(private ThermostatMode $mode, private ?float $set, private ?float $shows, private string $seated)
    {
    }

    public static function of(Event $event): self
    {
        return new self(
            ThermostatMode::tryFrom($event->text('mode')) ?? ThermostatMode::Blank,
            $event->number('set_celsius'),
            $event->number('shows_celsius'),
            $event->text('seated'),
        );
    }

    /** @return list<string> in sentences; none where nothing is odd about it */
    public function says(): array
    {
        $warmer = $this->set === null || $this->shows === null ? null : $this->shows - $this->set;

        return array_values(array_filter([
            match ($this->mode) {
                ThermostatMode::Blank => 'Its display is blank: batteries, its common wire, or no 24 V at all.',
                ThermostatMode::Off => 'It is off: it calls for nothing.',
                ThermostatMode::FanOnly => 'It is on fan only: it calls for no cooling and no heat.',
                ThermostatMode::EmergencyHeat => 'On emergency heat the compressor stays off.',
                default => null,
            },
            $this->mode === ThermostatMode::Cool && $warmer !== null && $warmer < self::DIFFERENTIAL
                ? 'It is satisfied: the room is no warmer than it is set to. Set it lower before you look for a fault.'
                : null,
            $this->mode === ThermostatMode::Heat && $warmer !== null && $warmer > -self::DIFFERENTIAL
                ? 'It is satisfied: the room is no colder than it is set to. Set it higher before you look for a fault.'
                : null,
            $this->seated === 'loose' ? 'It is loose on its base: seat it, and see whether the unit comes on.' : null,
        ]));
    }
}
