<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;

/** A part of a unit against what may take its place. */
final readonly class SwapData extends Data
{
    /**
     * @param  string  $caution  that belongs to changing it; nothing where its maker's number decides
     * @param  string  $rather  what the shop would rather fit; nothing where the choice is left open
     * @param  list<SwapRowData>  $rows  what must match, the most important first; none where its maker's number decides
     * @param  SwapVerdictData|null  $judged  what comes of the one that was asked about; null where nothing of it is typed
     * @param  string|null  $problem  what is wrong with what is typed, and what to do
     * @param  list<TruckPartData>  $truck  what is on the truck of whoever asks, the best match first
     */
    public function __construct(
        public string $part,
        public string $caution,
        public string $rather,
        public array $rows,
        public ?SwapVerdictData $judged,
        public ?string $problem,
        public array $truck,
    ) {
    }
}
