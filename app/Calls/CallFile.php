<?php

declare(strict_types=1);

namespace App\Calls;

use App\Photos\PhotoShelf;
use Levin\Core\Record\EventType;

/** A call as an open file: JSON that can be taken in again without loss. See docs/call-file.md. */
final readonly class CallFile
{
    /** Of the format. */
    public const VERSION = 1;

    public function __construct(private PhotoShelf $photos)
    {
    }

    /** @return array<string, mixed> */
    public function export(Call $call): array
    {
        $call->load(['unit.site', 'revision', 'technician', 'events.user']);

        return [
            'levin_call' => self::VERSION,
            'number' => $call->number,
            'complaint' => $call->complaint,
            'scheduled_for' => $call->scheduled_for->toIso8601ZuluString('millisecond'),
            'technician' => $call->technician->email,
            'unit' => ['serial' => $call->unit->serial, 'name' => $call->unit->name, 'site' => $call->unit->site->name],
            'circuit' => ['id' => $call->revision->circuit_id, 'revision' => $call->revision->number, 'sha256' => $call->revision->hash],
            'events' => array_values(array_map(static fn (CallEvent $e): array => [
                'id' => $e->id,
                'type' => $e->type->value,
                'by' => $e->user->email,
                'noted_at' => $e->noted_at->toIso8601ZuluString('millisecond'),
                'stored_at' => $e->stored_at->toIso8601ZuluString('millisecond'),
                'data' => (object) $e->data,
            ], $call->events->all())),
            'photos' => (object) $this->photos($call),
        ];
    }

    /** @return array<string, string> in Base64 (RFC 4648), by what they are called */
    private function photos(Call $call): array
    {
        $photos = [];
        foreach ($call->log() as $event) {
            $photo = $event->text('photo');
            if ($event->type === EventType::Photo && $this->photos->has($photo)) {
                $photos[$photo] = base64_encode((string) file_get_contents($this->photos->path($photo)));
            }
        }

        return $photos;
    }
}
