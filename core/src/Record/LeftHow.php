<?php

declare(strict_types=1);

namespace Levin\Core\Record;

/** How a unit is left that cannot be put right on this visit. */
enum LeftHow: string
{
    /** a temporary state that hurts nobody: some of it runs, the rest is off, capped and tagged */
    case MadeSafe = 'made safe';

    /** off and tagged, and not to be run again */
    case Condemned = 'condemned';

    /** as it was found, or off: someone comes back */
    case Return = 'return';
}
