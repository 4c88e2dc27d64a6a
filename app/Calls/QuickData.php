<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use App\Circuits\CircuitSheetData;

/** A rung as it was understood. */
final readonly class QuickData extends Data
{
    /** @param  list<QuickPieceData>  $pieces  in their order, the load last */
    public function __construct(public array $pieces, public CircuitSheetData $sheet)
    {
    }
}
