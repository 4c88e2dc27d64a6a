<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

/** The drawing of a ladder element, by the general conventions of ladder diagrams. */
enum SymbolShape: string
{
    case Switch = 'switch';
    case Pressure = 'pressure';
    case Contact = 'contact';
    case Link = 'link';
    case Fuse = 'fuse';
    case Coil = 'coil';
    case Motor = 'motor';
    case ThreePhaseMotor = 'three-phase motor';
    case Winding = 'winding';
    case Capacitor = 'capacitor';
    case Resistor = 'resistor';
    case Primary = 'primary';
    case Board = 'board';
    case Sense = 'sense';
    case Valve = 'valve';
    case Thermal = 'thermal';
    case Secondary = 'secondary';
    case Cell = 'cell';

    /** Whether it stands in series with a load, and uses nothing itself. */
    public function isInSeries(): bool
    {
        return in_array($this, [self::Switch, self::Pressure, self::Contact, self::Link, self::Fuse, self::Thermal], true);
    }
}
