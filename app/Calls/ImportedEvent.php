<?php

declare(strict_types=1);

namespace App\Calls;

use Illuminate\Support\Carbon;
use Levin\Core\Record\Event;

/** An event of a call file that has come through the gate. */
final readonly class ImportedEvent
{
    public function __construct(public Event $event, public int $userId, public Carbon $notedAt, public Carbon $storedAt)
    {
    }

    /** @return array<string, mixed> its row, without the call and its place in it */
    public function row(): array
    {
        return [
            'id' => $this->event->id,
            'type' => $this->event->type,
            'data' => $this->event->data,
            'user_id' => $this->userId,
            'noted_at' => $this->notedAt,
            'stored_at' => $this->storedAt,
        ];
    }
}
