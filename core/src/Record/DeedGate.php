<?php

declare(strict_types=1);

namespace Levin\Core\Record;

use Levin\Core\Checks\Bench\BadGiven;
use Levin\Core\Checks\Bench\Habit;
use Levin\Core\Checks\Bench\Habits;
use Levin\Core\Checks\BurnerGuards;
use Levin\Core\Checks\Replacement\Swap;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Operation\Model;
use Levin\Core\Parts\Catalogue;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\PartsException;

/** Lets in what is done to a unit: switched, lifted, jumpered, pulled, replaced, proved dead. */
final readonly class DeedGate
{
    public function __construct(private Model $model, private Habits $habits)
    {
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     * @throws UnknownName
     */
    public function condition(Standing $standing, Given $given): array
    {
        [$name, $value] = [$given->text('name'), $given->flag('value')];
        $standing->conditions->isOn($name);
        // power comes back onto landed leads only, just as leads are landed on a dead circuit only
        if ($value && $this->model->circuit->conditions[$name]->power && $standing->conditions->lifted !== []) {
            throw Refusal::powerOnLiftedLeads($standing->conditions->lifted);
        }

        return ['name' => $name, 'value' => $value];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     * @throws UnknownName
     */
    public function lead(Standing $standing, Given $given): array
    {
        $wire = $this->model->circuit->wire($given->text('wire'))->id;

        return $standing->provedDead ? ['wire' => $wire, 'lifted' => $given->flag('lifted')] : throw Refusal::leadOnLiveCircuit();
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     * @throws UnknownName
     */
    public function jumper(Standing $standing, Given $given): array
    {
        [$from, $to, $on] = [$given->text('from'), $given->text('to'), $given->flag('on')];
        $this->model->circuit->partAt($from);
        $this->model->circuit->partAt($to);
        if ($from === $to) {
            throw Refusal::onePointTwice();
        }
        if (! $on) {
            return ['from' => $from, 'to' => $to, 'on' => false];
        }
        if ($this->habits->are(Habit::JumperTests, Habit::NONE)) {
            throw Refusal::noJumpersHere();
        }
        $guard = (new BurnerGuards($this->model))->gone($from, $to);
        if ($guard !== null) {
            throw Refusal::roundAGasSafety($guard);
        }

        $why = 'Say why the jumper goes on: it stands in the record until it is off again.';

        return ['from' => $from, 'to' => $to, 'on' => true, 'reason' => $given->filled('reason', Given::REASON, $why)];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     * @throws UnknownName
     */
    public function pulled(Standing $standing, Given $given): array
    {
        $part = $this->model->circuit->part($given->text('part'))->id;

        return $standing->provedDead ? ['part' => $part, 'out' => $given->flag('out')] : throw Refusal::partOnLiveCircuit();
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     * @throws UnknownName
     */
    public function replaced(Standing $standing, Given $given): array
    {
        $part = $this->model->circuit->part($given->text('part'));

        if (! $standing->provedDead) {
            throw Refusal::partOnLiveCircuit();
        }

        return [
            'part' => $part->id,
            'label' => $part->label,
            ...array_filter([
                'fitted' => $given->short('fitted', Given::REASON),
                'serial' => $given->short('serial', Given::REASON),
                // a line of the stock of whoever fits it; of no use elsewhere
                'truck' => (int) $given->number('truck'),
            ]),
            ...$this->compared($this->model->parts[$part->id], $given->named('is')),
        ];
    }

    /**
     * The part that was there against the new one.
     *
     * @param  array<string, string>  $is  what is typed of the new one, by the comparison
     * @return array<string, mixed> what is typed, what does not match, and what the circuit's plate is from then on
     *
     * @throws Refusal
     */
    private function compared(Kind $kind, array $is): array
    {
        $swap = Swap::of($kind, $this->model->circuit);
        if ($swap === null || $is === []) {
            return [];
        }
        try {
            $judgement = $swap->judge($is);
            $plate = $swap->plate($is);
            Catalogue::component($kind->part->withPlate($plate))->check();
        } catch (BadGiven|PartsException $e) {
            throw Refusal::because('is', $e);
        }

        return ['is' => $is, 'verdict' => $judgement->verdict->value, 'differs' => $swap->differs($is), 'plate' => $plate];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     */
    public function barred(Given $given): array
    {
        $why = Barred::tryFrom($given->text('why')) ?? throw Refusal::unknownBar(array_column(Barred::cases(), 'value'));
        $what = $given->text('what');
        $places = array_map(strval(...), array_keys($this->model->circuit->places));
        if ($why === Barred::CannotReach && ! in_array($what, $places, true)) {
            throw Refusal::unknownPlace($places);
        }

        return [
            'why' => $why->value,
            'what' => match ($why) {
                Barred::MustRun => '',
                Barred::CannotReach => $what,
                Barred::NotNow => $given->filled('what', Given::REASON, 'Say which test is put off: its key.'),
            },
            'barred' => $given->flag('barred'),
        ];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     */
    public function provedDead(Standing $standing, Given $given): array
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
            if (! $given->isTrue($step)) {
                throw Refusal::proofIncomplete($step, $what);
            }
        }

        return ['known_before' => true, 'circuit_dead' => true, 'known_after' => true];
    }
}
