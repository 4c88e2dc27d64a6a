<?php

declare(strict_types=1);

namespace Levin\Core\Record;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\Conditions;
use Levin\Core\Diagnosis\Clamp;
use Levin\Core\Diagnosis\Evidence;
use Levin\Core\Diagnosis\Feel;
use Levin\Core\Diagnosis\Gauge;
use Levin\Core\Diagnosis\Limits;
use Levin\Core\Diagnosis\Occasion;
use Levin\Core\Diagnosis\Tripped;
use Levin\Core\Meter\Clamped;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Operation\Story;
use Levin\Core\Parts\Sign;

/** A call as it goes on, event by event. */
final class CallCourse
{
    public Conditions $conditions;

    public bool $dead = false;

    public bool $closed = false;

    public ?string $place = null;

    /** @var array<string, non-empty-list<Evidence>> by event id */
    public array $evidence = [];

    /** @var array<string, string> reason by event id */
    public array $struck = [];

    /** @var array<string, string> */
    public array $looked = [];

    /** @var list<JumperOn> */
    public array $jumpers = [];

    /** @var array<string, true> parts that have been replaced */
    public array $fresh = [];

    public Limits $limits;

    /** When it was switched on again, in seconds; null when it is off, or was on before. */
    private ?float $energised = null;

    /** @param  array<string, true>  $undone  ids of what is struck out later: no part that is was fitted */
    public function __construct(private readonly Circuit $circuit, private readonly array $undone)
    {
        $this->conditions = Conditions::healthyDefaults($circuit);
        $this->limits = new Limits;
    }

    public function take(Event $event): void
    {
        match ($event->type) {
            EventType::Condition => $this->set($event),
            EventType::Lead => $this->conditions = $event->isTrue('lifted')
                ? $this->conditions->lifting([$event->text('wire')])
                : $this->conditions->landing([$event->text('wire')]),
            EventType::Jumper => $this->jumper($event),
            EventType::Pulled => $this->conditions = $event->isTrue('out')
                ? $this->conditions->removing([$event->text('part')])
                : $this->conditions->restoring([$event->text('part')]),
            EventType::Replaced => isset($this->undone[$event->id]) ? null : $this->replaced($event->text('part')),
            EventType::ProvedDead => $this->dead = true,
            EventType::Observation, EventType::Felt, EventType::Measured, EventType::Tripped, EventType::Reading => $this->learned($event),
            EventType::Strike => $this->strike($event),
            EventType::LookedFor => $this->looked[$event->text('target')] = $event->text('result'),
            EventType::Closed => $this->closed = true,
            // who knows who was there meanwhile
            EventType::Reopened => $this->closed = $this->dead = false,
            EventType::Barred => $this->limits = self::barred($this->limits, $event),
            EventType::Note, EventType::Finding, EventType::Judged, EventType::HistoryRead, EventType::Complaint, EventType::Cause,
            EventType::Thermostat, EventType::Photo, EventType::Moved, EventType::Swapped,
            EventType::Worked, EventType::Left, EventType::Watched, EventType::WasTold, EventType::Waived => null,
        };
    }

    private function set(Event $event): void
    {
        $on = $event->isTrue('value');
        $wasFed = $this->conditions->isEnergised($this->circuit);
        $this->conditions = $this->conditions->with($event->text('name'), $on);
        $isFed = $this->conditions->isEnergised($this->circuit);
        $this->energised = $isFed ? ($wasFed ? $this->energised : $event->at) : null;
        $this->dead = $this->dead && ! ($on && $this->circuit->conditions[$event->text('name')]->power);
    }

    private function jumper(Event $event): void
    {
        [$from, $to] = [$event->text('from'), $event->text('to')];
        $others = array_filter($this->jumpers, static fn (JumperOn $j): bool => array_diff([$from, $to], [$j->from, $j->to]) !== []);
        $on = $event->isTrue('on');
        $this->jumpers = [...array_values($others), ...$on ? [new JumperOn($from, $to, $event->text('reason'), $event->at)] : []];
        $this->conditions = $on ? $this->conditions->jumpering($from, $to) : $this->conditions->unjumpered($from, $to);
    }

    private static function barred(Limits $limits, Event $event): Limits
    {
        $on = $event->isTrue('barred');
        $what = $event->text('what');

        return match ($event->text('why')) {
            Barred::CannotReach->value => new Limits(self::listed($limits->places, $what, $on), $limits->mustRun, $limits->putOff),
            Barred::MustRun->value => new Limits($limits->places, $on, $limits->putOff),
            default => new Limits($limits->places, $limits->mustRun, self::listed($limits->putOff, $what, $on)),
        };
    }

    /**
     * @param  list<string>  $list
     * @return list<string> with one, or without it
     */
    private static function listed(array $list, string $one, bool $on): array
    {
        return [...array_values(array_diff($list, [$one])), ...$on ? [$one] : []];
    }

    /** What was learned before was learned of another part. */
    private function replaced(string $part): void
    {
        $this->fresh[$part] = true;
        $this->evidence = array_map(
            static fn (array $own): array => array_map(static fn (Evidence $e): Evidence => $e->beforeReplacing($part), $own),
            $this->evidence,
        );
    }

    private function strike(Event $event): void
    {
        $this->struck[$event->text('event')] = $event->text('reason');
        unset($this->evidence[$event->text('event')]);
    }

    private function learned(Event $event): void
    {
        $when = WhenSeen::of($event->data['moment'] ?? null);
        $since = $this->since($event);
        $this->evidence[$event->id] = match ($event->type) {
            EventType::Observation => $when->seen($event->text('part'), $event->text('seen'), $this->conditions, $since),
            EventType::Felt => $this->felt($event->text('target'), $event->text('felt')),
            EventType::Measured => [$when->made(new Gauge($event->text('quantity')), $event->number('value'), $this->conditions, $since)],
            EventType::Tripped => [new Evidence(
                new Tripped($event->text('part')),
                Tripped::word($event->number('after') ?? 0.0),
                new Occasion($this->conditions->calling($this->circuit)),
            )],
            default => [$this->read($event, $when, $since)],
        };
        $test = $this->evidence[$event->id][0]->test;
        $this->place = $event->type === EventType::Observation ? $this->place : $test->place($this->circuit);
    }

    private function read(Event $event, WhenSeen $when, ?float $since): Evidence
    {
        $function = MeterFunction::from($event->text('function'));
        [$red, $value] = [$event->text('red'), $event->number('value')];

        return match ($function) {
            MeterFunction::Amps => $when->made(
                new Clamp(array_map(Clamped::parse(...), explode('+', $red)), (int) ($event->number('turns') ?? 1.0)),
                $value,
                $this->conditions,
                $since,
            ),
            MeterFunction::MicroampsDc => $when->readInSeries($red, $value, $this->conditions, $since),
            default => $when->read($function, $red, $event->text('black'), $value, $this->conditions, $since),
        };
    }

    /** @return non-empty-list<Evidence> one for each thing that was found */
    private function felt(string $target, string $felt): array
    {
        return array_map(
            fn (string $one): Evidence => new Evidence(new Feel($target, Sign::from($one)), $one, new Occasion($this->conditions)),
            explode(', ', $felt),
        );
    }

    /** Seconds since it was switched on again, when that is in the log and not so long ago that it makes no difference. */
    private function since(Event $event): ?float
    {
        $since = $this->energised === null || $event->at === null ? null : $event->at - $this->energised;

        return $since !== null && $since > 0.0 && $since < Story::LONG ? $since : null;
    }
}
