<?php

namespace App\Calls;

use App\Circuits\CircuitShelf;
use App\Models\Call;
use App\Models\CallEvent;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
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
     * @param  string  $id  made by the client; the same one a second time changes nothing
     * @param  array<string, mixed>  $data
     * @return bool whether it was stored now
     *
     * @throws Refusal when the event cannot be taken as things stand
     */
    public function append(Call $call, User $user, string $id, EventType $type, array $data, Carbon $notedAt): bool
    {
        return DB::transaction(function () use ($call, $user, $id, $type, $data, $notedAt): bool {
            $known = CallEvent::query()->find($id);
            if ($known !== null) {
                if ($known->getAttribute('call_id') !== $call->id || $known->type !== $type->value) {
                    throw new Refusal('id', 'This id belongs to another event. Make a new one.');
                }

                return false;
            }
            $before = $call->events()->get();
            $admitted = (new Gate($this->shelf->model($call->unit->circuit)))->admit($type, $data, array_values($before->map->toEvent()->all()));
            CallEvent::query()->create([
                'id' => $id, 'call_id' => $call->id, 'sequence' => (int) $before->max('sequence') + 1, 'user_id' => $user->id,
                'type' => $type->value, 'data' => $admitted, 'noted_at' => $notedAt, 'stored_at' => now(),
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
