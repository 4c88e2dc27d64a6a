<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** Which leads are lifted for dead tests: each takes a minute, and time to work out what it would show. */
enum Lifts
{
    case None;

    /** One at a time, to find the half that a short is in. */
    case OneWire;

    /** Where few are in doubt, or nothing else tells anything. */
    case All;
}
