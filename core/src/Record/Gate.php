<?php

declare(strict_types=1);

namespace Levin\Core\Record;

use Levin\Core\Checks\Bench\BadGiven;
use Levin\Core\Checks\Bench\Habits;
use Levin\Core\Checks\Bench\Kept;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Operation\Model;
use Levin\Core\Record\Judging\JudgedReadings;
use Levin\Core\Record\Rung\Rung;
use Levin\Core\Record\Rung\Visit;

/**
 * Lets an event into a call's log, or says why not. What it lets in, Standing can fold.
 */
final readonly class Gate
{
    /** Characters of a note, of a cause, and of what a part is called. */
    private const NOTE = 4000;

    private const CAUSE = 1000;

    private const PART = 80;

    /** Faults of one finding. */
    private const FAULTS = 24;

    private EvidenceGate $evidence;

    private DeedGate $deeds;

    private VisitGate $visit;

    private SwapGate $swaps;

    /**
     * @param  bool  $isRecord  whether it is a record of what was done elsewhere: what was closed there is closed
     */
    public function __construct(private Model $model, private Habits $habits = new Habits, private bool $isRecord = false)
    {
        $this->evidence = new EvidenceGate($model);
        $this->deeds = new DeedGate($model, $habits);
        $this->visit = new VisitGate($model);
        $this->swaps = new SwapGate($model->circuit);
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
        $given = new Given($data);
        try {
            return match ($type) {
                EventType::Observation => $this->evidence->observation($given),
                EventType::Felt => $this->evidence->felt($given),
                EventType::Measured => $this->evidence->measured($given),
                EventType::Tripped => $this->evidence->tripped($given),
                EventType::Reading => $this->evidence->reading($standing, $given),
                EventType::Judged => $this->judged($given),
                EventType::LookedFor => $this->evidence->lookedFor($given),
                EventType::Condition => $this->deeds->condition($standing, $given),
                EventType::Lead => $this->deeds->lead($standing, $given),
                EventType::Jumper => $this->deeds->jumper($standing, $given),
                EventType::Pulled => $this->deeds->pulled($standing, $given),
                EventType::Barred => $this->deeds->barred($given),
                EventType::Replaced => $this->deeds->replaced($standing, $given),
                EventType::Moved => $this->swaps->moved($standing, $before, $given),
                EventType::Swapped => $this->swaps->swapped($before, $given),
                EventType::ProvedDead => $this->deeds->provedDead($standing, $given),
                EventType::Note => ['text' => $given->filled('text', self::NOTE, 'The note is empty. Write something, or leave it.')],
                EventType::HistoryRead => $this->visit->historyRead($given),
                EventType::Complaint => $this->visit->complaint($given),
                EventType::Thermostat => $this->visit->thermostat($given),
                EventType::Photo => $this->visit->photo($given),
                EventType::Cause => $this->visit->cause($before, $given),
                EventType::Worked => $this->visit->worked($given),
                EventType::Left => $this->visit->left($standing, $given),
                EventType::Watched => $this->visit->watched($given),
                EventType::WasTold => $this->visit->told($given),
                EventType::Waived => $this->visit->waived($given),
                EventType::Finding => $this->finding($before, $given),
                EventType::Strike => $this->strike($standing, $before, $given),
                EventType::Closed => $this->close($standing, $before),
                EventType::Reopened => $standing->closed
                    ? ['reason' => $given->filled('reason', Given::REASON, 'Say why the call is reopened.')]
                    : throw Refusal::open(),
            };
        } catch (UnknownName $e) {
            throw Refusal::because('data', $e);
        }
    }

    /**
     * @param  list<Event>  $before
     * @return array<string, mixed>
     */
    private function finding(array $before, Given $given): array
    {
        return [...$this->found($given), ...$given->isTrue('beside') ? ['beside' => true] : [], ...$this->unexplained($before, $given)];
    }

    /**
     * @param  list<Event>  $before
     * @return array<string, mixed>
     */
    private function unexplained(array $before, Given $given): array
    {
        $ids = $given->texts('unexplained');
        $known = array_map(
            static fn (Event $e): string => $e->id,
            array_filter($before, static fn (Event $e): bool => $e->type->isEvidence()),
        );
        if (array_diff($ids, $known) !== []) {
            throw Refusal::notToBeStruck();
        }

        return $ids === [] ? [] : ['unexplained' => array_values(array_unique($ids))];
    }

    /** @return array<string, mixed> */
    private function found(Given $given): array
    {
        $faults = $given->texts('faults');
        $cause = $given->short('cause', self::CAUSE);
        if ($given->isTrue('nothing')) {
            $words = $given->filled('words', self::CAUSE, 'Say what was checked and found good.');

            return $faults === []
                ? ['faults' => [], 'nothing' => true, 'words' => $words, 'label' => 'No electrical fault here: '.$words]
                : throw Refusal::both('nothing', 'faults');
        }
        if ($faults === [] && $given->text('words') !== '') {
            $words = $given->short('words', self::CAUSE);

            return ['faults' => [], 'words' => $words, 'label' => $words, 'cause' => $cause];
        }
        if ($faults === []) {
            throw Refusal::noFaultNamed();
        }
        if (count($faults) > self::FAULTS) {
            throw Refusal::tooMany('faults', self::FAULTS);
        }
        $labels = array_map(fn (string $f): string => $this->model->faults->find($f)->label, $faults);

        return ['faults' => $faults, 'label' => implode(' · or · ', $labels), 'cause' => $cause];
    }

    /**
     * A part by its id, or in words where the drawing does not have it.
     *
     * @return array<string, mixed>
     */
    private function judged(Given $given): array
    {
        $part = $given->filled('part', self::PART, 'Say which part it is.');
        [$typed, $units] = [$given->named('given'), $given->named('units')];
        try {
            $kept = Kept::of($given->text('check'), $typed, $units);
        } catch (BadGiven $e) {
            throw Refusal::because('given', $e);
        }

        return [
            'part' => $part,
            'label' => $this->model->circuit->parts[$part]->label ?? $part,
            'given' => $typed,
            'units' => $units,
            ...$kept->data(),
        ];
    }

    /**
     * @param  list<Event>  $before
     * @return array<string, mixed>
     */
    private function strike(Standing $standing, array $before, Given $given): array
    {
        $event = $given->text('event');
        foreach ($before as $earlier) {
            if ($earlier->id === $event && $earlier->type->isStrikable()) {
                if (isset($standing->struck[$event])) {
                    throw Refusal::struckAlready();
                }
                $why = 'Say why it is struck out, so that the record stays honest.';

                return ['event' => $event, 'reason' => $given->filled('reason', Given::REASON, $why)];
            }
        }
        throw Refusal::notToBeStruck();
    }

    /**
     * @param  list<Event>  $before
     * @return array<string, mixed>
     */
    private function close(Standing $standing, array $before): array
    {
        if ($standing->conditions->jumpers !== []) {
            throw Refusal::jumpersStillOn($standing->conditions->jumpers);
        }
        if ($this->isRecord) {
            return [];
        }
        $judged = (new JudgedReadings($this->model, $this->habits))->of($before);
        $open = (new Rung(Visit::of($this->model, $before, $judged)))->openAt();

        return $open === null ? [] : throw Refusal::rungOpen($open);
    }
}
