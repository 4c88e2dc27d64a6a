<?php

declare(strict_types=1);

namespace App\Circuits;

/** Where a revision came from. */
enum RevisionSource: string
{
    /** a file that ships with Levin */
    case Shipped = 'shipped';

    /** someone of the shop */
    case Shop = 'shop';
}
