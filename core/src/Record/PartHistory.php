<?php

declare(strict_types=1);

namespace Levin\Core\Record;

use Levin\Core\Checks\Bench\Kept;
use Levin\Core\Checks\Bench\PartChecks;
use Levin\Core\Checks\Bench\Trend;

/** What one check said of one part of a unit, visit by visit. */
final readonly class PartHistory
{
    /**
     * @param  string  $label  what the part is called
     * @param  string  $check  by its name; one that there is no more, too
     * @param  non-empty-list<JudgedThen>  $judged  the oldest first
     */
    private function __construct(public string $part, public string $label, public string $check, public array $judged)
    {
    }

    /**
     * @param  list<Event>  $events  of the unit and of its calls, whatever their type
     * @return list<self> the one that was judged last first
     */
    public static function of(array $events): array
    {
        usort($events, static fn (Event $a, Event $b): int => $a->at <=> $b->at);
        $struck = [];
        foreach ($events as $event) {
            $struck += $event->type === EventType::Strike ? [$event->text('event') => $event->text('reason')] : [];
        }
        $lines = $labels = [];
        foreach ($events as $event) {
            if ($event->type === EventType::Judged) {
                $key = [$event->text('part'), $event->text('check')];
                $name = implode("\n", $key);
                $judged = [...$lines[$name] ?? [], new JudgedThen($event->id, Kept::stored($event->data), $struck[$event->id] ?? null)];
                // what was judged last stands last
                unset($lines[$name]);
                $lines[$name] = $judged;
                $labels[$name] = [...$key, $event->text('label')];
            }
        }
        $histories = [];
        foreach (array_reverse($lines, true) as $name => $judged) {
            [$part, $check, $label] = $labels[$name];
            $histories[] = new self($part, $label, $check, $judged);
        }

        return $histories;
    }

    /** What has become of it; null where its check watches nothing, or there are not two that count. */
    public function trend(): ?Trend
    {
        $counting = array_filter($this->judged, static fn (JudgedThen $then): bool => $then->struck === null);
        $check = PartChecks::all()[$this->check] ?? null;

        return $check === null ? null : Trend::of($check->about(), array_values(array_map(
            static fn (JudgedThen $then): Kept => $then->kept,
            $counting,
        )));
    }
}
