<?php

declare(strict_types=1);

namespace Levin\Core\Record\Rung;

use Levin\Core\Record\EventType;

/** Something that this visit opened, lifted, bridged or switched, and has to put back. */
final readonly class OpenItem
{
    /**
     * @param  EventType  $type  of the event that puts it back
     * @param  string  $key  the wire, part or switch; two points of a jumper with ~ between
     * @param  string  $label  what it is, in words
     * @param  string  $state  how it stands
     * @param  string  $order  what is to be done
     * @param  string  $undo  the same on a key
     * @param  array<string, string|bool>  $data  of the event that puts it back
     * @param  float|null  $since  when it was opened, in seconds; null where nobody knows
     * @param  bool  $isLeft  whether it is left so on purpose, until somebody comes back
     */
    public function __construct(
        public EventType $type,
        public string $key,
        public string $label,
        public string $state,
        public string $order,
        public string $undo,
        public array $data,
        public ?float $since,
        public bool $isLeft,
    ) {
    }

    /** A jumper is never left on, whatever else is. */
    public function mayBeLeft(): bool
    {
        return $this->type !== EventType::Jumper;
    }
}
