<?php

declare(strict_types=1);

namespace Levin\Core\Record;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\Condition;
use Levin\Core\Circuit\Conditions;
use Levin\Core\Diagnosis\Evidence;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Operation\Story;

/**
 * How a call stands after its events: conditions, whether the circuit is proved dead, the evidence that counts, open items.
 */
final readonly class Standing
{
    /**
     * @param  array<string, non-empty-list<Evidence>>  $evidence  by event id, struck ones left out
     * @param  array<string, string>  $struck  reason by event id
     * @param  array<string, string>  $looked  what came of looking at a part or wire, the last time
     */
    private function __construct(
        public Circuit $circuit,
        public Conditions $conditions,
        public bool $provedDead,
        public bool $closed,
        public ?string $place,
        public array $evidence,
        public array $struck,
        public array $looked,
    ) {
    }

    /**
     * @param  iterable<Event>  $events  in order
     */
    public static function after(Circuit $circuit, iterable $events): self
    {
        $conditions = Conditions::healthyDefaults($circuit);
        $dead = $closed = false;
        $place = $energised = null;
        $evidence = $struck = $looked = [];
        foreach ($events as $event) {
            switch ($event->type) {
                case EventType::Condition:
                    $on = ($event->data['value'] ?? false) === true;
                    $wasFed = $conditions->isEnergised($circuit);
                    $conditions = $conditions->with($event->text('name'), $on);
                    $isFed = $conditions->isEnergised($circuit);
                    $energised = $isFed ? ($wasFed ? $energised : $event->at) : null;
                    $dead = $dead && ! ($on && $circuit->conditions[$event->text('name')]->power);
                    break;
                case EventType::Lead:
                    $wire = [$event->text('wire')];
                    $conditions = ($event->data['lifted'] ?? false) === true ? $conditions->lifting($wire) : $conditions->landing($wire);
                    break;
                case EventType::ProvedDead:
                    $dead = true;
                    break;
                case EventType::Observation:
                    $evidence[$event->id] = WhenSeen::of($event->data['moment'] ?? null)
                        ->seen($event->text('part'), $event->text('seen'), $conditions, self::since($energised, $event));
                    break;
                case EventType::Reading:
                    $evidence[$event->id] = [WhenSeen::of($event->data['moment'] ?? null)->read(
                        MeterFunction::from($event->text('function')),
                        $event->text('red'),
                        $event->text('black'),
                        $event->number('value'),
                        $conditions,
                        self::since($energised, $event),
                    )];
                    $place = $circuit->partAt($event->text('red'))->place;
                    break;
                case EventType::Strike:
                    $struck[$event->text('event')] = $event->text('reason');
                    unset($evidence[$event->text('event')]);
                    break;
                case EventType::Closed:
                    $closed = true;
                    break;
                case EventType::Reopened:
                    $closed = false;
                    // who knows who was there meanwhile
                    $dead = false;
                    break;
                case EventType::LookedFor:
                    $looked[$event->text('target')] = $event->text('result');
                    break;
                case EventType::Note:
                case EventType::Finding:
                    break;
            }
        }

        return new self($circuit, $conditions, $dead, $closed, $place, $evidence, $struck, $looked);
    }

    /** Seconds since it was switched on again, when that is in the log and not so long ago that it makes no difference. */
    private static function since(?float $energised, Event $event): ?float
    {
        $since = $energised === null || $event->at === null ? null : $event->at - $energised;

        return $since !== null && $since > 0.0 && $since < Story::LONG ? $since : null;
    }

    /** @return list<Evidence> in the order it was gathered */
    public function allEvidence(): array
    {
        return array_merge(...array_values($this->evidence));
    }

    /** @return list<string> labels of the power switches that are still on */
    public function powerStillOn(): array
    {
        return $this->power(static fn (Condition $c, bool $on): bool => $on);
    }

    /** @return list<string> labels of the power switches that are off and should be on */
    public function powerOff(): array
    {
        return $this->power(static fn (Condition $c, bool $on): bool => $c->default && ! $on);
    }

    /**
     * @param  callable(Condition, bool): bool  $which
     * @return list<string> labels
     */
    private function power(callable $which): array
    {
        $labels = [];
        foreach ($this->circuit->conditions as $condition) {
            if ($condition->power && $which($condition, $this->conditions->isOn($condition->name))) {
                $labels[] = $condition->label;
            }
        }

        return $labels;
    }
}
