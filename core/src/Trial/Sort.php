<?php

declare(strict_types=1);

namespace Levin\Core\Trial;

/** Sorts of truths that are tried. */
enum Sort: string
{
    /** one part has failed in one way */
    case Single = 'single';

    /** one that has degrees, somewhere between the slightest and the worst */
    case Degree = 'degree';
}
