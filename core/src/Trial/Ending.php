<?php

declare(strict_types=1);

namespace Levin\Core\Trial;

enum Ending: string
{
    case Right = 'right';

    /** sure of something that is not so: the worst */
    case Wrong = 'wrong';

    case Stuck = 'stuck';
}
