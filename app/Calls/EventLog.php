<?php

declare(strict_types=1);

namespace App\Calls;

use App\Circuits\CircuitShelf;
use App\Database\Write;
use App\Photos\PhotoShelf;
use App\Shop\ShopHabit;
use App\Shop\TruckPart;
use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;
use Levin\Core\Record\Gate;
use Levin\Core\Record\Refusal;

/** Appends to a call's log. */
final readonly class EventLog
{
    public function __construct(private CircuitShelf $shelf, private Judging $judging, private Refit $refit, private PhotoShelf $photos)
    {
    }

    /**
     * @return bool whether it was stored now, and not before
     *
     * @throws Refusal when the event cannot be taken as things stand
     * @throws OtherEvent when the id is known, of another event
     */
    public function append(Call $call, Arriving $event): bool
    {
        $gate = new Gate($this->shelf->model($call->revision), ShopHabit::chosen());

        return Write::transaction(function () use ($call, $event, $gate): bool {
            $known = CallEvent::query()->find($event->id);
            if ($event->isThere($known, $known?->call_id === $call->id)) {
                return false;
            }
            $photo = $event->data['photo'] ?? null;
            if ($event->type === EventType::Photo && ! (is_string($photo) && $this->photos->has($photo))) {
                throw Refusal::noPhoto();
            }
            $before = $call->events()->get();
            $call->setRelation('events', $before);
            CallEvent::query()->create([
                ...$event->row($gate->admit($event->type, $event->data, $call->log())),
                'call_id' => $call->id,
                'sequence' => 1 + ($before->last()->sequence ?? 0),
            ]);
            $this->count($event, $call);
            match ($event->type) {
                EventType::Closed => $call->update(['closed_at' => $event->notedAt]),
                EventType::Reopened => $call->update(['closed_at' => null]),
                default => null,
            };
            $visit = $this->judging->keep($call->load('events'));
            if ($event->type === EventType::Closed) {
                $this->refit->after($call, $visit);
            }

            return true;
        });
    }

    /** A part that is fitted is no longer on the truck; one whose fitting is struck out is there again. */
    private function count(Arriving $event, Call $call): void
    {
        $sent = new Event($event->id, $event->type, $event->data);
        $struck = $event->type === EventType::Strike ? $call->events->firstWhere('id', $sent->text('event')) : null;
        $fitted = $struck?->toEvent() ?? $sent;
        if ($fitted->type === EventType::Replaced) {
            TruckPart::counted((int) $fitted->number('truck'), $struck->user_id ?? $event->user->id, $struck === null ? -1 : 1);
        }
    }
}
