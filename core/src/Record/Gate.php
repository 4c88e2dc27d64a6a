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
    /** Characters of a note, a cause, and a reason. */
    private const NOTE = 4000;

    private const CAUSE = 1000;

    private const REASON = 500;

    /** What comes of looking for a cause. */
    private const LOOKED = ['ok', 'bad', 'cannot tell'];

    /** Faults of one finding. */
    private const FAULTS = 24;

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
            throw Refusal::closed();
        }
        $text = static fn (string $key): string => is_string($data[$key] ?? null) ? trim($data[$key]) : '';
        try {
            return match ($type) {
                EventType::Observation => $this->observation($text('part'), $text('seen'), WhenSeen::of($data['moment'] ?? null)),
                EventType::Condition => $this->condition($standing, $text('name'), self::flag($data, 'value')),
                EventType::Lead => $this->lead($standing, $text('wire'), self::flag($data, 'lifted')),
                EventType::Reading => $this->reading(
                    $standing,
                    $text('function'),
                    $text('red'),
                    $text('black'),
                    $text('entered'),
                    WhenSeen::of($data['moment'] ?? null),
                ),
                EventType::ProvedDead => $this->provedDead($standing, $data),
                EventType::Note => [
                    'text' => self::filled($text('text'), 'text', self::NOTE, 'The note is empty. Write something, or leave it.'),
                ],
                EventType::LookedFor => $this->lookedFor($text('target'), $text('result')),
                EventType::Finding => $this->finding($data, $text('words'), $text('cause')),
                EventType::Strike => $this->strike($standing, $before, $text('event'), $text('reason')),
                EventType::Closed => $this->close($standing, $text('left_off')),
                EventType::Reopened => $standing->closed
                    ? ['reason' => self::filled($text('reason'), 'reason', self::REASON, 'Say why the call is reopened.')]
                    : throw Refusal::open(),
            };
        } catch (UnknownName $e) {
            throw Refusal::because('data', $e);
        }
    }

    /** @return array<string, mixed> */
    private function observation(string $part, string $seen, WhenSeen $when): array
    {
        $choices = $this->model->parts[$this->model->circuit->part($part)->id]->observables();
        $all = $when->isAWhile() ? array_map(trim(...), explode(',', $seen)) : [$seen];
        foreach ($all as $one) {
            if (! in_array($one, $choices, true)) {
                throw Refusal::notSeen($part, mb_substr($one, 0, 60), $choices);
            }
        }

        // in the order in which the part's kind names them, each once
        return ['part' => $part, 'seen' => implode(', ', array_intersect($choices, $all)), ...$when->data()];
    }

    /** @return array<string, mixed> */
    private function condition(Standing $standing, string $name, bool $value): array
    {
        $standing->conditions->isOn($name);
        // power comes back onto landed leads only, just as leads are landed on a dead circuit only
        if ($value && $this->model->circuit->conditions[$name]->power && $standing->conditions->lifted !== []) {
            throw Refusal::powerOnLiftedLeads($standing->conditions->lifted);
        }

        return ['name' => $name, 'value' => $value];
    }

    /** @return array<string, mixed> */
    private function lead(Standing $standing, string $wire, bool $lifted): array
    {
        $this->model->circuit->wire($wire);
        if (! $standing->provedDead) {
            throw Refusal::leadOnLiveCircuit();
        }

        return ['wire' => $wire, 'lifted' => $lifted];
    }

    /** @return array<string, mixed> */
    private function reading(Standing $standing, string $name, string $red, string $black, string $entered, WhenSeen $when): array
    {
        $function = MeterFunction::tryFrom($name);
        if ($function === null || ! in_array($function, MeterFunction::traced(), true)) {
            throw Refusal::unknownFunction(mb_substr($name, 0, 60), array_column(MeterFunction::traced(), 'value'));
        }
        $this->model->circuit->partAt($red);
        $this->model->circuit->partAt($black);
        if ($red === $black) {
            throw Refusal::onePointTwice();
        }
        if ($function->isDeadTest() && ! $standing->provedDead) {
            throw Refusal::deadTestOnLiveCircuit();
        }
        if ($when->isAWhile() && $function !== MeterFunction::VoltsAc) {
            throw Refusal::onlyVoltsAsItStarts();
        }
        try {
            $entry = Entry::parse($function, $entered);
        } catch (BadEntry $e) {
            throw Refusal::because('entered', $e);
        }

        return [
            'function' => $name,
            'red' => $red,
            'black' => $black,
            'entered' => $entered,
            'value' => $entry->value,
            'overload' => $entry->value === null,
            ...$when->data(),
        ];
    }

    /**
     * @param  array<string, mixed>  $data
     * @return array<string, mixed>
     */
    private function provedDead(Standing $standing, array $data): array
    {
        $on = $standing->powerStillOn();
        if ($on !== []) {
            throw Refusal::stillOn($on);
        }
        foreach ([
            'known_before' => 'on a known live source first',
            'circuit_dead' => 'on the circuit, line to line and line to ground',
            'known_after' => 'on the known source again',
        ] as $step => $what) {
            if (($data[$step] ?? false) !== true) {
                throw Refusal::proofIncomplete($step, $what);
            }
        }

        return ['known_before' => true, 'circuit_dead' => true, 'known_after' => true];
    }

    /**
     * @param  array<string, mixed>  $data
     * @return array<string, mixed>
     */
    private function finding(array $data, string $words, string $cause): array
    {
        $faults = array_values(array_filter(is_array($data['faults'] ?? null) ? $data['faults'] : [], is_string(...)));
        if ($faults === [] && $words !== '') {
            $words = self::short($words, 'words', self::CAUSE);

            return ['faults' => [], 'words' => $words, 'label' => $words, 'cause' => self::short($cause, 'cause', self::CAUSE)];
        }
        if ($faults === []) {
            throw Refusal::noFaultNamed();
        }
        if (count($faults) > self::FAULTS) {
            throw Refusal::tooMany('faults', self::FAULTS);
        }
        $labels = array_map(fn (string $f): string => $this->model->faults->find($f)->label, $faults);

        return ['faults' => $faults, 'label' => implode(' · or · ', $labels), 'cause' => self::short($cause, 'cause', self::CAUSE)];
    }

    /** @return array<string, mixed> */
    private function lookedFor(string $target, string $result): array
    {
        $circuit = $this->model->circuit;
        $wire = $circuit->wires[$target] ?? null;
        $label = $wire === null ? $circuit->part($target)->label : "$wire->colour wire $wire->from – $wire->to";

        return in_array($result, self::LOOKED, true)
            ? ['target' => $target, 'label' => $label, 'result' => $result]
            : throw Refusal::badResult(self::LOOKED);
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
                    throw Refusal::struckAlready();
                }
                $why = 'Say why it is struck out, so that the record stays honest.';

                return ['event' => $event, 'reason' => self::filled($reason, 'reason', self::REASON, $why)];
            }
        }
        throw Refusal::notToBeStruck();
    }

    /** @return array<string, mixed> */
    private function close(Standing $standing, string $leftOff): array
    {
        if ($standing->conditions->lifted !== []) {
            throw Refusal::leadsStillLifted($standing->conditions->lifted);
        }
        $off = $standing->powerOff();
        if ($off !== [] && $leftOff === '') {
            throw Refusal::leftOff($off);
        }

        return $leftOff === '' ? [] : ['left_off' => self::short($leftOff, 'left_off', self::REASON)];
    }

    /** @param  array<string, mixed>  $data */
    private static function flag(array $data, string $key): bool
    {
        return is_bool($data[$key] ?? null) ? $data[$key] : throw Refusal::notAFlag($key);
    }

    private static function filled(string $text, string $field, int $most, string $otherwise): string
    {
        return $text !== '' ? self::short($text, $field, $most) : throw Refusal::empty($field, $otherwise);
    }

    private static function short(string $text, string $field, int $most): string
    {
        return mb_strlen($text) <= $most ? $text : throw Refusal::tooLong($field, $most);
    }
}
