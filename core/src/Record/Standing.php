<?php

declare(strict_types=1);

namespace Levin\Core\Record;

use Levin\Core\Checks\Bench\Kept;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\Condition;
use Levin\Core\Circuit\Conditions;
use Levin\Core\Diagnosis\Evidence;
use Levin\Core\Diagnosis\Leaning;
use Levin\Core\Diagnosis\Limits;
use Levin\Core\Diagnosis\Standpoint;

/**
 * How a call stands after its events: conditions, whether the circuit is proved dead, the evidence that counts, open items.
 */
final readonly class Standing
{
    /**
     * @param  array<string, non-empty-list<Evidence>>  $evidence  by event id, struck ones left out
     * @param  array<string, string>  $struck  reason by event id
     * @param  array<string, string>  $looked  what came of looking at a part or wire, the last time
     * @param  list<JumperOn>  $jumpers  in the order they were put on
     * @param  list<string>  $fresh  parts that have been replaced
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
        public array $jumpers,
        public array $fresh,
        public Limits $limits,
    ) {
    }

    /**
     * @param  list<Event>  $events  in order
     * @param  list<Event>  $judged  by the checks of the bench, with the ids of the readings: what they find fault with is nothing healthy
     */
    public static function after(Circuit $circuit, array $events, array $judged = []): self
    {
        $course = new CallCourse($circuit, Strikes::in($events));
        foreach ($events as $event) {
            $course->take($event);
        }
        $evidence = $course->evidence;
        foreach ($judged as $event) {
            $isFaulted = in_array(Kept::stored($event->data)->verdict, [Verdict::Bad, Verdict::Watch], true);
            if ($isFaulted && isset($evidence[$event->id])) {
                $evidence[$event->id] = array_map(static fn (Evidence $e): Evidence => $e->faulted(), $evidence[$event->id]);
            }
        }

        return new self(
            $circuit,
            $course->conditions,
            $course->dead,
            $course->closed,
            $course->place,
            $evidence,
            $course->struck,
            $course->looked,
            $course->jumpers,
            array_keys($course->fresh),
            $course->limits,
        );
    }

    public function standpoint(Leaning $leaning = new Leaning): Standpoint
    {
        return new Standpoint($this->conditions, $this->provedDead, $this->place, $this->fresh, $this->limits, $leaning);
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
