<?php

declare(strict_types=1);

namespace Levin\Core\Record;

/** What a thermostat is set to. */
enum ThermostatMode: string
{
    case Cool = 'cool';
    case Heat = 'heat';
    case Auto = 'auto';
    case EmergencyHeat = 'emergency heat';
    case FanOnly = 'fan only';
    case Off = 'off';
    case Blank = 'blank';
}
