<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Bench;

/** How something is entered. */
enum EntryKind: string
{
    case Number = 'number';
    case Row = 'row';
    case Choice = 'choice';
    case Word = 'word';
}
