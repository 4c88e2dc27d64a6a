<?php

declare(strict_types=1);

namespace App\Calls;

use App\Circuits\CircuitShelf;
use App\Shop\ShopHabit;
use Levin\Core\Record\Event;
use Levin\Core\Record\Judging\JudgedReadings;
use Levin\Core\Record\Rung\Rung;
use Levin\Core\Record\Rung\Visit;

/** What the checks of the bench make of a call's readings, by the shop's habits, and how far that brings it. */
final readonly class Judging
{
    public function __construct(private CircuitShelf $shelf)
    {
    }

    /** @return list<Event> with the ids of the readings */
    public function of(Call $call): array
    {
        return (new JudgedReadings($this->shelf->model($call->revision), ShopHabit::chosen()))->of($call->log());
    }

    /** @param  list<Event>|null  $judged  where that is known already */
    public function visit(Call $call, ?array $judged = null): Visit
    {
        return Visit::of($this->shelf->model($call->revision), $call->log(), $judged ?? $this->of($call));
    }

    /** Keeps at which contact a call's rung is open: for lists. */
    public function keep(Call $call): void
    {
        $call->update(['open_at' => (new Rung($this->visit($call)))->openAt()?->contact]);
    }
}
