<?php

declare(strict_types=1);

namespace App\Drafts;

use App\Api\Data;

/** Going back or forth by steps. */
final readonly class StepInput extends Data
{
    /**
     * @param  int  $by  −1 undoes, 1 does again
     * @param  int  $at  the step that stands
     */
    public function __construct(public int $by, public int $at)
    {
    }
}
