<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

/** As what the electrical code counts a load. */
enum DemandOf: string
{
    case Compressor = 'compressor';
    case Motor = 'motor';
    case Heat = 'heat';
    case Other = 'other';
}
