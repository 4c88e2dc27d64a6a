<?php

declare(strict_types=1);

namespace Levin\Core\Record;

use Levin\Core\Checks\BurnerGuards;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Operation\Model;

/** Lets in what is done to a unit: switched, lifted, jumpered, pulled, replaced, proved dead. */
final readonly class DeedGate
{
    public function __construct(private Model $model)
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

        return $standing->provedDead ? ['part' => $part->id, 'label' => $part->label] : throw Refusal::partOnLiveCircuit();
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
