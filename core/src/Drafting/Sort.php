<?php

declare(strict_types=1);

namespace Levin\Core\Drafting;

enum Sort: string
{
    case New = 'new';
    case Gone = 'gone';
    case Changed = 'changed';
}
