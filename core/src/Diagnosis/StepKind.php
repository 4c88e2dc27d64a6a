<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** What a step changes. */
enum StepKind
{
    case Order;
    case Land;
    case Lift;
    case TakeJumperOff;
    case PutBack;
    case Set;
    case ProveDead;
}
