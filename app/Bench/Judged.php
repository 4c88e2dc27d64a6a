<?php

declare(strict_types=1);

namespace App\Bench;

use App\Calls\CallEvent;
use App\Calls\LoggedEvent;
use App\Shop\User;
use App\Units\Unit;
use Levin\Core\Record\EventType;
use Levin\Core\Record\PartHistory;

/** Puts together what was judged of a unit, from its own log and from its calls'. */
final class Judged
{
    public function of(Unit $unit, User $reader): UnitChecksData
    {
        $types = [EventType::Judged, EventType::Strike];
        $own = UnitEvent::query()->with('user')->where('unit_id', $unit->id)->whereIn('type', $types)->get();
        $onCalls = CallEvent::query()->with('user')->whereIn('type', $types)
            ->join('calls', 'calls.id', '=', 'call_events.call_id')->where('calls.unit_id', $unit->id)
            ->select('call_events.*')->get();
        $rows = [...$own->all(), ...$onCalls->all()];
        $events = array_map(static fn (LoggedEvent $row) => $row->toEvent(), $rows);
        $byId = array_combine(array_map(static fn (LoggedEvent $row): string => $row->id, $rows), $rows);

        return new UnitChecksData(array_map(
            static fn (PartHistory $history): PartHistoryData => PartHistoryData::of($history, $byId, $reader->units ?? []),
            PartHistory::of($events),
        ));
    }
}
