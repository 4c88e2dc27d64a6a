<?php

declare(strict_types=1);

namespace App\Bench;

use App\Calls\Fingerprint;
use App\Calls\OtherEvent;
use App\Circuits\CircuitShelf;
use App\Database\Write;
use App\Shop\User;
use App\Units\Unit;
use Illuminate\Support\Carbon;
use Levin\Core\Record\EventType;
use Levin\Core\Record\Gate;
use Levin\Core\Record\Refusal;

/** Appends to a unit's log: parts judged outside of any call, and what of it is struck out. */
final readonly class UnitLog
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
    public function append(Unit $unit, User $user, string $id, EventType $type, array $data, Carbon $notedAt): bool
    {
        $gate = new Gate($this->shelf->model($unit->circuit->newest));
        $sent = Fingerprint::of($type, $data, $notedAt);

        return Write::transaction(static function () use ($unit, $user, $id, $type, $data, $notedAt, $gate, $sent): bool {
            $known = UnitEvent::query()->find($id);
            if ($known !== null) {
                return $known->unit_id === $unit->id && $known->sent === $sent ? false : throw OtherEvent::under($id);
            }
            $before = UnitEvent::query()->where('unit_id', $unit->id)->orderBy('stored_at')->get();
            UnitEvent::query()->create([
                'id' => $id,
                'unit_id' => $unit->id,
                'user_id' => $user->id,
                'type' => $type,
                'data' => $gate->admit($type, $data, array_values($before->map(static fn (UnitEvent $e) => $e->toEvent())->all())),
                'sent' => $sent,
                'noted_at' => $notedAt,
                'stored_at' => now(),
            ]);

            return true;
        });
    }
}
