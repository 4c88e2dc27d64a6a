<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** What a test is made with. */
enum Way
{
    case Eyes;
    case Meter;
    case OnWires;
    case Instrument;
    case Hands;
}
