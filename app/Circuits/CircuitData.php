<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Api\Data;

/** A circuit with its past. */
final readonly class CircuitData extends Data
{
    /** @param  list<RevisionData>  $revisions  the newest first */
    public function __construct(public CircuitCardData $card, public array $revisions)
    {
    }
}
