<?php

declare(strict_types=1);

namespace Levin\Core\Units;

/** Why what was typed is no number. */
enum TypingFault
{
    case Nothing;
    case TooLong;

    /** a comma that may group thousands or begin the decimals */
    case TwoWays;
    case NoNumber;
}
