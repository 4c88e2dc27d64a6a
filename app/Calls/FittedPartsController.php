<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Operation;
use App\Units\Unit;
use Illuminate\Http\JsonResponse;
use Levin\Core\Record\EventType;

/** What was fitted to a unit, by whom and when. */
class FittedPartsController
{
    #[Operation('The parts that were fitted to a unit, the last first', answer: FittedPartsData::class)]
    public function __invoke(Unit $unit): JsonResponse
    {
        $types = [EventType::Replaced, EventType::Strike];
        $calls = Call::query()->where('unit_id', $unit->id)
            ->whereHas('events', static fn ($events) => $events->where('type', EventType::Replaced))
            ->with(['events' => static fn ($events) => $events->whereIn('type', $types), 'events.user'])
            ->latest('scheduled_for')->get();
        $parts = [];
        foreach ($calls as $call) {
            $struck = $call->events->map(static fn (CallEvent $e): string => $e->toEvent()->text('event'))->filter()->all();
            foreach ($call->events->where('type', EventType::Replaced)->whereNotIn('id', $struck)->reverse() as $event) {
                $parts[] = FittedPartData::of($call, $event);
            }
        }

        return response()->json(new FittedPartsData($parts));
    }
}
