<?php

declare(strict_types=1);

namespace App\Bench;

use App\Calls\Call;
use App\Calls\LoggedEvent;
use App\Circuits\CircuitShelf;
use App\Shop\ShopHabit;
use App\Shop\User;
use App\Units\Unit;
use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;
use Levin\Core\Record\Judging\JudgedReadings;
use Levin\Core\Record\PartHistory;

/** Puts together what was judged of a unit, from its own log and from its calls'. */
final readonly class Judged
{
    public function __construct(private CircuitShelf $shelf)
    {
    }

    public function of(Unit $unit, User $reader): UnitChecksData
    {
        $types = [EventType::Judged, EventType::Strike];
        $rows = UnitEvent::query()->with('user')->where('unit_id', $unit->id)->whereIn('type', $types)->get()->all();
        $events = array_map(static fn (LoggedEvent $row): Event => $row->toEvent(), $rows);
        $habits = ShopHabit::chosen();
        foreach (Call::query()->with(['events.user', 'revision'])->where('unit_id', $unit->id)->get() as $call) {
            array_push($rows, ...$call->events->all());
            $judging = new JudgedReadings($this->shelf->model($call->revision), $habits);
            array_push($events, ...$call->log(), ...$judging->of($call->log()));
        }
        $byId = array_combine(array_map(static fn (LoggedEvent $row): string => $row->id, $rows), $rows);

        return new UnitChecksData(array_map(
            static fn (PartHistory $history): PartHistoryData => PartHistoryData::of($history, $byId, $reader->units ?? []),
            PartHistory::of(array_values($events)),
        ));
    }
}
