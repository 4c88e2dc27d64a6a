<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Carbon\CarbonImmutable;
use Levin\Core\Record\EventType;
use Levin\Core\Record\Rung\OpenItem;

/** Something that this visit opened, lifted, bridged or switched, and has to put back. */
final readonly class OpenItemData extends Data
{
    /**
     * @param  EventType  $type  of the event that puts it back
     * @param  string  $key  the wire, part or switch; two points of a jumper with ~ between
     * @param  string  $label  what it is, in words
     * @param  string  $state  how it stands
     * @param  string  $order  what the rung asks for because of it
     * @param  string  $undo  what puts it back, on a key
     * @param  array<string, string|bool>  $data  of the event that puts it back
     * @param  string|null  $since  when it was opened; null where nobody knows
     * @param  bool  $left  whether it is left so on purpose
     * @param  bool  $mayBeLeft  whether it may be
     */
    private function __construct(
        public EventType $type,
        public string $key,
        public string $label,
        public string $state,
        public string $order,
        public string $undo,
        public array $data,
        public ?string $since,
        public bool $left,
        public bool $mayBeLeft,
    ) {
    }

    public static function of(OpenItem $item): self
    {
        return new self(
            $item->type,
            $item->key,
            $item->label,
            $item->state,
            $item->order,
            $item->undo,
            $item->data,
            $item->since === null ? null : CarbonImmutable::createFromTimestamp($item->since)->toIso8601ZuluString(),
            $item->isLeft,
            $item->mayBeLeft(),
        );
    }
}
