<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Bench;

/** As what something between two posts is drawn. */
enum PieceShape: string
{
    case Winding = 'winding';
    case Capacitor = 'capacitor';
    case Contact = 'contact';
    case Coil = 'coil';
    case Fuse = 'fuse';
    case Heater = 'heater';
    case Insulation = 'insulation';
    case Gap = 'gap';
    case Wire = 'wire';
}
