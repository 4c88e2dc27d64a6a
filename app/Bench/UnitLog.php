<?php

declare(strict_types=1);

namespace App\Bench;

use App\Calls\Arriving;
use App\Calls\OtherEvent;
use App\Circuits\CircuitShelf;
use App\Database\Write;
use App\Units\Unit;
use Levin\Core\Record\Gate;
use Levin\Core\Record\Refusal;

/** Appends to a unit's log: parts judged outside of any call, and what of it is struck out. */
final readonly class UnitLog
{
    public function __construct(private CircuitShelf $shelf)
    {
    }

    /**
     * @return bool whether it was stored now, and not before
     *
     * @throws Refusal when the event cannot be taken as things stand
     * @throws OtherEvent when the id is known, of another event
     */
    public function append(Unit $unit, Arriving $event): bool
    {
        $gate = new Gate($this->shelf->model($unit->circuit->newest));

        return Write::transaction(static function () use ($unit, $event, $gate): bool {
            $known = UnitEvent::query()->find($event->id);
            if ($event->isThere($known, $known?->unit_id === $unit->id)) {
                return false;
            }
            $before = UnitEvent::query()->where('unit_id', $unit->id)->orderBy('stored_at')->get();
            $log = array_values($before->map(static fn (UnitEvent $e) => $e->toEvent())->all());
            UnitEvent::query()->create([...$event->row($gate->admit($event->type, $event->data, $log)), 'unit_id' => $unit->id]);

            return true;
        });
    }
}
