<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

/** How a row begins or ends. */
enum EndKind
{
    /** On a rail. */
    case Rail;

    /** Hanging from a point of a row above it. */
    case Hang;

    /** With the name of a point that is drawn elsewhere. */
    case Flag;

    /** With a point of its own. */
    case Free;
}
