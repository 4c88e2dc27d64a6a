<?php

declare(strict_types=1);

namespace App\Find;

/** What a search of everything can find. */
enum FoundKind: string
{
    case Call = 'call';
    case Unit = 'unit';
}
