<?php

declare(strict_types=1);

namespace App\Drafts;

use App\Api\Data;

/** One change of a draft. */
final readonly class EditInput extends Data
{
    /**
     * @param  string  $line  a verb and what it takes, see docs/making-a-circuit.md
     * @param  int  $at  the step that stood when it was made
     */
    public function __construct(public string $line, public int $at)
    {
    }
}
