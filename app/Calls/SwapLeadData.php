<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Record\SwapLead;

/** One wire on a part that is swapped. */
final readonly class SwapLeadData extends Data
{
    /**
     * @param  string  $far  the point at its other end
     * @param  string|null  $movedTo  terminal of the new part; null while it still hangs on the old one
     * @param  string|null  $event  of the log, that says so
     */
    private function __construct(
        public string $wire,
        public string $terminal,
        public string $colour,
        public int $gauge,
        public string $far,
        public ?string $movedTo,
        public ?string $event,
    ) {
    }

    public static function of(SwapLead $lead): self
    {
        return new self($lead->wire, $lead->terminal, $lead->colour, $lead->gauge, $lead->far, $lead->movedTo, $lead->event);
    }
}
