<?php

declare(strict_types=1);

namespace App\Calls;

use App\Circuits\CircuitShelf;
use App\Circuits\OwnCircuit;
use App\Circuits\Revisions;
use Levin\Core\Circuit\Part;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;
use Levin\Core\Drafting\Edits\SetPlate;
use Levin\Core\File\InvalidCircuit;
use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;
use Levin\Core\Record\Fitted;
use Levin\Core\Record\Rung\Visit;

/** What a closed call has fitted becomes part of its unit's circuit, for whoever comes next. */
final readonly class Refit
{
    public function __construct(private CircuitShelf $shelf, private Revisions $revisions)
    {
    }

    /**
     * A unit whose parts are no longer those of its circuit gets one of its own, as its newest revision.
     *
     * @throws InvalidCircuit for a plate that the rest of the circuit cannot bear
     */
    public function after(Call $call, Visit $visit): void
    {
        $unit = $call->unit;
        $newest = $unit->circuit->newest;
        $parts = $this->shelf->model($newest)->circuit->parts;
        $edits = [];
        foreach ($visit->since(null, EventType::Replaced) as $event) {
            $part = $parts[$event->text('part')] ?? null;
            foreach ($part === null || self::isGone($call, $event) ? [] : self::others($part, $event) as $field => $value) {
                $edits[] = new SetPlate($event->text('part'), $field, $value);
            }
        }
        if ($edits !== []) {
            $own = OwnCircuit::of($unit->circuit_id, $unit->id)->id;
            $draft = array_reduce($edits, static fn (Draft $d, Edit $e): Draft => $e->on($d), Draft::of($newest->text));
            $this->revisions->add($draft->named($own)->text(), $own, $call->technician);
            $unit->update(['circuit_id' => $own]);
        }
    }

    /** @return array<string, float|string> what is not on the plate yet */
    private static function others(Part $part, Event $event): array
    {
        return array_filter(
            Fitted::plate($event),
            static fn (float|string $value, string $field): bool => ($part->plate[$field] ?? null) != $value,
            ARRAY_FILTER_USE_BOTH,
        );
    }

    /** Whether another call has fitted that part since: an earlier one that is closed once more does not bring the old one back. */
    private static function isGone(Call $call, Event $fitted): bool
    {
        return CallEvent::query()
            ->where('type', EventType::Replaced)
            ->where('data->part', $fitted->text('part'))
            ->where('call_id', '!=', $call->id)
            ->where('noted_at', '>', $call->events->firstOrFail('id', $fitted->id)->noted_at)
            ->whereIn('call_id', Call::query()->where('unit_id', $call->unit_id)->select('id'))
            ->exists();
    }
}
