<?php

declare(strict_types=1);

namespace App\Calls;

use App\Circuits\CircuitShelf;
use App\Database\Write;
use App\Shop\User;
use Illuminate\Support\Carbon;
use Levin\Core\Record\EventType;
use Levin\Core\Record\Gate;
use Levin\Core\Record\Refusal;

/** Appends to a call's log. */
final readonly class EventLog
{
    public function __construct(private CircuitShelf $shelf)
    {
    }

    /**
     * @param  string  $id  made by the client; the same event a second time changes nothing
     * @param  array<string, mixed>  $data
     * @return bool whether it was stored now
     *
     * @throws Refusal when the event cannot be taken as things stand
     * @throws OtherEvent when the id is known, of another event
     */
    public function append(Call $call, User $user, string $id, EventType $type, array $data, Carbon $notedAt): bool
    {
        $gate = new Gate($this->shelf->model($call->revision));
        $sent = Fingerprint::of($type, $data, $notedAt);

        return Write::transaction(function () use ($call, $user, $id, $type, $data, $notedAt, $gate, $sent): bool {
            $known = CallEvent::query()->find($id);
            if ($known !== null) {
                return $known->call_id === $call->id && $known->sent === $sent ? false : throw OtherEvent::under($id);
            }
            $before = $call->events()->get();
            $call->setRelation('events', $before);
            CallEvent::query()->create([
                'id' => $id,
                'call_id' => $call->id,
                'sequence' => 1 + ($before->last()->sequence ?? 0),
                'user_id' => $user->id,
                'type' => $type,
                'data' => $gate->admit($type, $data, $call->log()),
                'sent' => $sent,
                'noted_at' => $notedAt,
                'stored_at' => now(),
            ]);
            match ($type) {
                EventType::Closed => $call->update(['closed_at' => $notedAt]),
                EventType::Reopened => $call->update(['closed_at' => null]),
                default => null,
            };

            return true;
        });
    }
}
