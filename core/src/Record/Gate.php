<?php

declare(strict_types=1);

namespace Levin\Core\Record;

use Levin\Core\Circuit\UnknownName;
use Levin\Core\Meter\BadEntry;
use Levin\Core\Meter\Entry;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Operation\Model;

/**
 * Lets an event into a call's log, or says why not. What it lets in, Standing can fold.
 */
final readonly class Gate
{
    public function __construct(private Model $model)
    {
    }

    /**
     * The event's data, checked and completed.
     *
     * @param  array<string, mixed>  $data
     * @param  list<Event>  $before  the call's log so far
     * @return array<string, mixed>
     *
     * @throws Refusal
     */
    public function admit(EventType $type, array $data, array $before): array
    {
        $standing = Standing::after($this->model->circuit, $before);
        if ($standing->closed && $type !== EventType::Reopened) {
            throw new Refusal('type', 'This call is closed. Reopen it first; nothing was changed.');
        }
        $text = static fn (string $key): string => is_string($data[$key] ?? null) ? trim($data[$key]) : '';
        try {
            return match ($type) {
                EventType::Observation => $this->observation($text('part'), $text('seen')),
                EventType::Condition => ['name' => $this->condition($standing, $text('name')), 'value' => self::flag($data, 'value')],
                EventType::Lead => $this->lead($standing, $text('wire'), self::flag($data, 'lifted')),
                EventType::Reading => $this->reading($standing, $text('function'), $text('red'), $text('black'), $text('entered')),
                EventType::ProvedDead => $this->provedDead($standing, $data),
                EventType::Note => ['text' => self::filled($text('text'), 'text', 'The note is empty. Write something, or leave it.')],
                EventType::Finding => $this->finding($data, $text('cause')),
                EventType::Strike => $this->strike($standing, $before, $text('event'), $text('reason')),
                EventType::Closed => $this->close($standing),
                EventType::Reopened => $standing->closed
                    ? ['reason' => self::filled($text('reason'), 'reason', 'Say why the call is reopened.')]
                    : throw new Refusal('type', 'This call is open already.'),
            };
        } catch (UnknownName $e) {
            throw new Refusal('data', $e->getMessage());
        }
    }

    /** @return array<string, mixed> */
    private function observation(string $part, string $seen): array
    {
        $choices = $this->model->parts[$this->model->circuit->part($part)->id]->observables();
        if (! in_array($seen, $choices, true)) {
            throw new Refusal('seen', $choices === [] ? "There is nothing to see of $part." : "\"$seen\" is not something $part can do. Choose one of: ".implode(', ', $choices).'.');
        }

        return ['part' => $part, 'seen' => $seen];
    }

    private function condition(Standing $standing, string $name): string
    {
        $standing->conditions->isOn($name);

        return $name;
    }

    /** @return array<string, mixed> */
    private function lead(Standing $standing, string $wire, bool $lifted): array
    {
        $this->model->circuit->wire($wire);
        if (! $standing->provedDead) {
            throw new Refusal('wire', 'Leads are lifted and landed on a dead circuit only. Prove it dead first.');
        }

        return ['wire' => $wire, 'lifted' => $lifted];
    }

    /** @return array<string, mixed> */
    private function reading(Standing $standing, string $name, string $red, string $black, string $entered): array
    {
        $function = MeterFunction::tryFrom($name);
        if ($function === null || ! in_array($function, MeterFunction::traced(), true)) {
            throw new Refusal('function', "There is no meter function \"$name\" here. Choose one of: ".implode(', ', array_column(MeterFunction::traced(), 'value')).'.');
        }
        $this->model->circuit->partAt($red);
        $this->model->circuit->partAt($black);
        if ($red === $black) {
            throw new Refusal('black', 'Both probes are on the same point. Put them on two.');
        }
        if ($function->isDeadTest() && ! $standing->provedDead) {
            throw new Refusal('function', 'This circuit is not proved dead. Never put a meter on ohms, continuity or capacitance across a circuit that may be live: switch off, lock out, then prove it dead (tester on a known source, on the circuit, on the source again).');
        }
        try {
            $entry = Entry::parse($function, $entered);
        } catch (BadEntry $e) {
            throw new Refusal('entered', $e->getMessage());
        }

        return ['function' => $name, 'red' => $red, 'black' => $black, 'entered' => $entered, 'value' => $entry->value, 'overload' => $entry->value === null];
    }

    /**
     * @param  array<string, mixed>  $data
     * @return array<string, mixed>
     */
    private function provedDead(Standing $standing, array $data): array
    {
        $on = $standing->powerStillOn();
        if ($on !== []) {
            throw new Refusal('type', 'Still on: '.implode(', ', $on).'. Switch off every feed and lock it out before proving dead; turning off the disconnect alone does not kill the rest.');
        }
        foreach (['known_before' => 'on a known live source first', 'circuit_dead' => 'on the circuit, line to line and line to ground', 'known_after' => 'on the known source again'] as $step => $what) {
            if (($data[$step] ?? false) !== true) {
                throw new Refusal($step, "The proof is not complete: test $what.");
            }
        }

        return ['known_before' => true, 'circuit_dead' => true, 'known_after' => true];
    }

    /**
     * @param  array<string, mixed>  $data
     * @return array<string, mixed>
     */
    private function finding(array $data, string $cause): array
    {
        $faults = array_values(array_filter(is_array($data['faults'] ?? null) ? $data['faults'] : [], is_string(...)));
        if ($faults === []) {
            throw new Refusal('faults', 'A finding names at least one fault.');
        }

        return ['faults' => $faults, 'label' => implode(' · or · ', array_map(fn (string $f): string => $this->model->faults->find($f)->label, $faults)), 'cause' => $cause];
    }

    /**
     * @param  list<Event>  $before
     * @return array<string, mixed>
     */
    private function strike(Standing $standing, array $before, string $event, string $reason): array
    {
        foreach ($before as $earlier) {
            if ($earlier->id === $event && in_array($earlier->type, [EventType::Reading, EventType::Observation], true)) {
                if (isset($standing->struck[$event])) {
                    throw new Refusal('event', 'That one is struck out already.');
                }

                return ['event' => $event, 'reason' => self::filled($reason, 'reason', 'Say why it is struck out, so that the record stays honest.')];
            }
        }
        throw new Refusal('event', 'Only a reading or an observation of this call can be struck out.');
    }

    /** @return array<string, mixed> */
    private function close(Standing $standing): array
    {
        if ($standing->conditions->lifted !== []) {
            throw new Refusal('type', 'Leads are still lifted: '.implode(', ', $standing->conditions->lifted).'. Land them before closing the call.');
        }

        return [];
    }

    /** @param  array<string, mixed>  $data */
    private static function flag(array $data, string $key): bool
    {
        return is_bool($data[$key] ?? null) ? $data[$key] : throw new Refusal($key, "\"$key\" must be true or false.");
    }

    private static function filled(string $text, string $field, string $otherwise): string
    {
        return $text !== '' ? $text : throw new Refusal($field, $otherwise);
    }
}
