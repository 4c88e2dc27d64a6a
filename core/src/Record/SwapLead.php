<?php

declare(strict_types=1);

namespace Levin\Core\Record;

/** One wire on a part that is swapped. */
final readonly class SwapLead
{
    /**
     * @param  string  $terminal  of the part that was there
     * @param  int  $gauge  AWG
     * @param  string  $far  the point at its other end
     * @param  string|null  $movedTo  terminal of the new part, by its own letters; null while it still hangs on the old one
     * @param  string|null  $event  that says so
     */
    public function __construct(
        public string $wire,
        public string $terminal,
        public string $colour,
        public int $gauge,
        public string $far,
        public ?string $movedTo,
        public ?string $event,
    ) {
    }

    public function words(): string
    {
        return "$this->colour wire from $this->terminal to $this->far";
    }
}
