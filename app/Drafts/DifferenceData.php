<?php

declare(strict_types=1);

namespace App\Drafts;

use App\Api\Data;
use App\Circuits\CircuitRevision;
use Levin\Core\Drafting\Difference;
use Levin\Core\Drafting\Draft;

/** What a revision has otherwise than another one. */
final readonly class DifferenceData extends Data
{
    /**
     * @param  int|null  $from  number of the other; null for the first one, which has none before it
     * @param  list<ChangeData>  $changes
     */
    private function __construct(public ?int $from, public int $to, public array $changes)
    {
    }

    public static function between(?CircuitRevision $from, CircuitRevision $to): self
    {
        $changes = $from === null ? [] : Difference::between(Draft::of($from->text), Draft::of($to->text));

        return new self(
            $from?->number,
            $to->number,
            array_map(ChangeData::of(...), $changes),
        );
    }
}
