<?php

declare(strict_types=1);

namespace App\Calls;

use App\Circuits\CircuitShelf;
use App\Shop\ShopHabit;
use Illuminate\Support\Carbon;
use Levin\Core\Record\Event;
use Levin\Core\Record\Judging\JudgedReadings;
use Levin\Core\Record\JumperOn;
use Levin\Core\Record\Rung\Rung;
use Levin\Core\Record\Rung\Visit;

/** What the checks of the bench make of a call's readings, by the shop's habits, and how far that brings it. */
final readonly class Judging
{
    public function __construct(private CircuitShelf $shelf)
    {
    }

    /**
     * @param  Event  $more  besides what is in its log
     * @return list<Event> with the ids of the readings
     */
    public function of(Call $call, Event ...$more): array
    {
        $judged = new JudgedReadings($this->shelf->model($call->revision), ShopHabit::chosen());

        return $judged->of([...$call->log(), ...array_values($more)]);
    }

    /** @param  list<Event>|null  $judged  where that is known already */
    public function visit(Call $call, ?array $judged = null): Visit
    {
        return Visit::of($this->shelf->model($call->revision), $call->log(), $judged ?? $this->of($call));
    }

    /** Keeps how a call stands, for lists: where its rung is open, what is found, whether a jumper is on, how the unit is left. */
    public function keep(Call $call): Visit
    {
        $visit = $this->visit($call);
        $left = $visit->left();
        $on = array_filter(array_map(static fn (JumperOn $j): ?float => $j->since, $visit->standing->jumpers));
        $call->update([
            'open_at' => (new Rung($visit))->openAt()?->contact,
            'finding' => implode('; ', array_map(static fn (Event $e): string => $e->text('label'), $visit->findings())) ?: null,
            'jumper_since' => $on === [] ? null : Carbon::createFromTimestamp(min($on)),
            'left_how' => $left?->text('how'),
            'left_words' => $left?->text('words'),
        ]);

        return $visit;
    }
}
