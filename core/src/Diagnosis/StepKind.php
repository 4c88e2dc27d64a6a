<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** What a step changes. */
enum StepKind
{
    case Order;
    /** The test itself. */
    case Act;
    case Land;
    case Lift;
    case TakeJumperOff;
    case PutBack;
    case Set;
    case ProveDead;
}
