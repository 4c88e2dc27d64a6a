<?php

declare(strict_types=1);

namespace App\Calls;

use App\Circuits\CircuitShelf;
use App\Circuits\Revisions;
use Levin\Core\Circuit\Part;
use Levin\Core\File\CircuitText;
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
        $plates = [];
        foreach ($visit->since(null, EventType::Replaced) as $event) {
            $part = $parts[$event->text('part')] ?? null;
            $plate = $part === null ? [] : self::others($part, $event);
            $plates = $plate === [] ? $plates : [...$plates, $event->text('part') => [...$plates[$event->text('part')] ?? [], ...$plate]];
        }
        if ($plates !== []) {
            $own = self::ownId($unit->circuit_id, $unit->id);
            $this->revisions->add(CircuitText::refitted($newest->text, $own, $plates), $own, $call->technician);
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

    /** The name of a unit's own circuit; the one it has where that is its own already. */
    private static function ownId(string $circuit, int $unit): string
    {
        $end = "-unit-$unit";

        return str_ends_with($circuit, $end) ? $circuit : $circuit.$end;
    }
}
