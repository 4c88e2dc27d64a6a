<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

enum Shape
{
    case Admittance;
    case Source;
    case Coupled;
}
