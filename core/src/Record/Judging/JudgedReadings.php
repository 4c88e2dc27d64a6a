<?php

declare(strict_types=1);

namespace Levin\Core\Record\Judging;

use Levin\Core\Checks\Bench\BadGiven;
use Levin\Core\Checks\Bench\Habits;
use Levin\Core\Checks\Bench\Kept;
use Levin\Core\Checks\Bench\PartChecks;
use Levin\Core\Operation\Model;
use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;
use Levin\Core\Record\Strikes;

/** Readings of a call, as the checks of the bench judge them. */
final readonly class JudgedReadings
{
    public function __construct(private Model $model, private Habits $habits = new Habits)
    {
    }

    /**
     * @param  list<Event>  $log  of a call
     * @return list<Event> a judged one for each reading that can be, with its id and time
     */
    public function of(array $log): array
    {
        $so = new SoFar($this->model, Strikes::in($log));
        $judged = [];
        foreach ($log as $event) {
            $so->take($event);
            $isOne = $event->type === EventType::Reading || $event->type === EventType::Measured;
            $taken = $isOne ? $this->taken($event, $so) : null;
            $kept = $taken === null ? null : $this->kept($taken);
            if ($taken !== null && $kept !== null) {
                $data = ['part' => $taken->part->id, 'label' => $taken->part->label, ...$kept->data()];
                $judged[] = new Event($event->id, EventType::Judged, $data, $event->at);
            }
        }

        return $judged;
    }

    /** What it comes to; null for what cannot be so together: the diagnosis asks for that again. */
    private function kept(Taken $taken): ?Kept
    {
        $given = $taken->given + $this->habits->given(PartChecks::named($taken->check)->about()->entries);
        try {
            return Kept::of($taken->check, $given, []);
        } catch (BadGiven) {
            return null;
        }
    }

    private function taken(Event $reading, SoFar $so): ?Taken
    {
        foreach (BenchRules::all() as $rule) {
            $taken = $rule->taken($reading, $so);
            if ($taken !== null) {
                return $taken;
            }
        }

        return null;
    }
}
