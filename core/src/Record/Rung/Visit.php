<?php

declare(strict_types=1);

namespace Levin\Core\Record\Rung;

use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Operation\Model;
use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;
use Levin\Core\Record\Fitted;
use Levin\Core\Record\Standing;

/** What the contacts of a rung ask of a call's log. */
final readonly class Visit
{
    /**
     * @param  list<Event>  $events  that count, in order
     * @param  array<string, Event>  $judged  by id of the reading
     */
    private function __construct(
        public Model $model,
        public Standing $standing,
        private array $events,
        private array $judged,
    ) {
    }

    /**
     * @param  Model  $model  of the unit as the visit began; the visit has it with what was fitted since
     * @param  list<Event>  $log
     * @param  list<Event>  $judged  with the ids of the readings
     */
    public static function of(Model $model, array $log, array $judged): self
    {
        $standing = Standing::after($model->circuit, $log);
        $count = array_values(array_filter($log, static fn (Event $e): bool => ! isset($standing->struck[$e->id])));

        return new self(Fitted::in($model, $count), $standing, $count, array_column($judged, null, 'id'));
    }

    /** The last event of some sorts. */
    public function last(EventType ...$types): ?Event
    {
        $all = $this->since(null, ...$types);

        return $all[count($all) - 1] ?? null;
    }

    /**
     * Events of some sorts after one.
     *
     * @param  Event|null  $mark  null: from the beginning
     * @return list<Event>
     */
    public function since(?Event $mark, EventType ...$types): array
    {
        $from = $mark === null ? 0 : 1 + (int) array_search($mark, $this->events, true);

        return array_values(array_filter(
            array_slice($this->events, $from),
            static fn (Event $e): bool => in_array($e->type, $types, true),
        ));
    }

    /** @return list<Event> the findings that stand: the last one, and those that it was written down beside */
    public function findings(): array
    {
        $standing = [];
        foreach ($this->since(null, EventType::Finding) as $finding) {
            $standing = $finding->isTrue('beside') ? [...$standing, $finding] : [$finding];
        }

        return $standing;
    }

    /** @return list<Event> those that name something that is wrong */
    public function faults(): array
    {
        return array_values(array_filter($this->findings(), static fn (Event $e): bool => ! $e->isTrue('nothing')));
    }

    /** @return list<string> parts and wires that a finding is of; none of one in words */
    public static function targets(Event $finding): array
    {
        $faults = array_values(array_filter((array) ($finding->data['faults'] ?? []), is_string(...)));

        return array_map(static fn (string $fault): string => explode(':', $fault)[0], $faults);
    }

    /** @return list<string> parts and wires that were found at fault */
    public function faulted(): array
    {
        $targets = [];
        foreach ($this->faults() as $finding) {
            $targets = [...$targets, ...self::targets($finding)];
        }

        return array_values(array_unique($targets));
    }

    /** @return array<string, string> labels of the parts and wires that were last judged good, by id */
    public function judgedGood(): array
    {
        $parts = $this->model->circuit->parts;
        $good = [];
        foreach ($this->events as $event) {
            $judged = $this->judged[$event->id] ?? ($event->type === EventType::Judged ? $event : null);
            [$of, $is] = match (true) {
                $judged !== null => [$judged->text('part'), $judged->text('verdict') === Verdict::Good->value],
                $event->type === EventType::LookedFor => [$event->text('target'), $event->text('result') === 'ok'],
                default => ['', false],
            };
            unset($good[$of]);
            $good += $is ? [$of => $parts[$of]->label ?? ($judged ?? $event)->text('label')] : [];
        }

        return $good;
    }

    /** What was last done about what was found, or else the last finding. */
    public function mark(): ?Event
    {
        return $this->last(EventType::Replaced, EventType::Worked, EventType::Left, EventType::Finding);
    }

    /** How the unit is left that cannot be put right now; null where nothing more was done about it since. */
    public function left(): ?Event
    {
        $last = $this->last(EventType::Replaced, EventType::Worked, EventType::Left);

        return $last?->type === EventType::Left ? $last : null;
    }

    /** @return list<string> switches, wires and parts that are left off on purpose */
    public function leftOff(): array
    {
        return array_values(array_filter((array) ($this->left()->data['off'] ?? []), is_string(...)));
    }

    public function judged(Event $reading): ?Event
    {
        return $this->judged[$reading->id] ?? null;
    }

    /** Why a contact is jumpered, since the call was last reopened: a reopened call is not closed for the reasons it was. */
    public function waived(Contact $contact): ?string
    {
        $reason = null;
        foreach ($this->since($this->last(EventType::Reopened), EventType::Waived) as $event) {
            if ($event->text('contact') === $contact->value) {
                $reason = $event->isTrue('on') ? $event->text('reason') : null;
            }
        }

        return $reason;
    }
}
