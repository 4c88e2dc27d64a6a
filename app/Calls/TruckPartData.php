<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use App\Shop\TruckPart;

/** A part on a truck, against one that it may replace. */
final readonly class TruckPartData extends Data
{
    /** @param  array<string, string>  $is  its plate, as it is typed, by what must match */
    public function __construct(
        public int $id,
        public string $label,
        public int $count,
        public array $is,
        public SwapVerdictData $judged,
    ) {
    }

    public static function of(TruckPart $part, SwapVerdictData $judged): self
    {
        return new self($part->id, $part->label, $part->count, $part->plate, $judged);
    }
}
