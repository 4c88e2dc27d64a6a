<?php

declare(strict_types=1);

namespace Levin\Core\Record;

use Levin\Core\Circuit\UnknownName;
use Levin\Core\Meter\BadEntry;
use Levin\Core\Meter\BadQuantity;
use Levin\Core\Meter\Clamped;
use Levin\Core\Meter\Entry;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Meter\QuantityEntry;
use Levin\Core\Operation\Model;
use Levin\Core\Parts\Sign;

/** Lets in what is learned about a unit: seen, felt, measured, read. */
final readonly class EvidenceGate
{
    /** What comes of looking for a cause. */
    private const LOOKED = ['ok', 'bad', 'cannot tell'];

    /** Times that a conductor goes through the jaw of a clamp. */
    private const TURNS = 100;

    /** Seconds; longer nobody waits for something to trip. */
    private const LONG = 86400.0;

    /** More than any pilot generator gives, volts. [practice, no published source] */
    private const PILOT_VOLTS = 2.0;

    public function __construct(private Model $model)
    {
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     * @throws UnknownName
     */
    public function observation(Given $given): array
    {
        [$part, $when] = [$given->text('part'), $given->moment()];
        $choices = $this->model->parts[$this->model->circuit->part($part)->id]->observables();
        $all = $when->isAWhile() ? array_map(trim(...), explode(',', $given->text('seen'))) : [$given->text('seen')];
        foreach ($all as $one) {
            if (! in_array($one, $choices, true)) {
                throw Refusal::notSeen($part, mb_substr($one, 0, 60), $choices);
            }
        }

        // in the order in which the part's kind names them, each once
        return ['part' => $part, 'seen' => implode(', ', array_intersect($choices, $all)), ...$when->data()];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     * @throws UnknownName
     */
    public function felt(Given $given): array
    {
        $target = $given->text('target');
        $choices = array_map(static fn (Sign $s): string => $s->value, Sign::of($this->model->component($target)));
        $felt = array_values(array_unique(array_map(trim(...), explode(',', $given->text('felt')))));
        foreach ($felt as $one) {
            if (! in_array($one, $choices, true)) {
                throw Refusal::notFelt($target, mb_substr($one, 0, 60), $choices);
            }
        }

        return ['target' => $target, 'felt' => implode(', ', array_values(array_intersect($choices, $felt)))];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     * @throws UnknownName
     */
    public function measured(Given $given): array
    {
        $quantity = $this->model->circuit->quantity($given->text('quantity'));
        try {
            $entry = QuantityEntry::parse($quantity, $given->text('entered'));
        } catch (BadQuantity $e) {
            throw Refusal::because('entered', $e);
        }

        return [
            'quantity' => $quantity->name,
            'label' => $quantity->label,
            'unit' => $quantity->unit,
            'entered' => $given->text('entered'),
            'value' => $entry->value,
            ...$given->moment()->data(),
        ];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     * @throws UnknownName
     */
    public function tripped(Given $given): array
    {
        $part = $this->model->circuit->part($given->text('part'))->id;
        $after = $given->text('after') === WhenSeen::AT_ONCE_WORDS ? 0.0 : $given->number('after');

        return $after !== null && $after >= 0.0 && $after <= self::LONG
            ? ['part' => $part, 'after' => $after]
            : throw Refusal::badDelay();
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     * @throws UnknownName
     */
    public function reading(Standing $standing, Given $given): array
    {
        $name = $given->text('function');
        $when = $given->moment();
        $function = MeterFunction::tryFrom($name)
            ?? throw Refusal::unknownFunction(mb_substr($name, 0, 60), array_column(MeterFunction::cases(), 'value'));
        $where = $function->goesOnWires() ? $this->onWires($function, $given) : $this->onPoints($given);
        if ($function->isDeadTest() && ! $standing->provedDead) {
            throw Refusal::deadTestOnLiveCircuit();
        }
        $most = [MeterFunction::VoltsAc, MeterFunction::VoltsDc, MeterFunction::MicroampsDc];
        if ($when->isAWhile() && ! in_array($function, $most, true)) {
            throw Refusal::onlyTheMostAsItStarts();
        }
        try {
            $entry = Entry::parse($function, $given->text('entered'));
        } catch (BadEntry $e) {
            throw Refusal::because('entered', $e);
        }
        $isOfPilot = $function === MeterFunction::VoltsDc && $this->isFedByPilot($given->text('red'), $given->text('black'));
        if ($isOfPilot && abs($entry->value ?? 0.0) > self::PILOT_VOLTS) {
            throw Refusal::noPilotGives($given->text('entered'));
        }

        return [
            'function' => $name,
            ...$where,
            'entered' => $given->text('entered'),
            'value' => $entry->value,
            'overload' => $entry->value === null,
            ...$when->data(),
        ];
    }

    private function isFedByPilot(string $red, string $black): bool
    {
        return isset($this->model->direct[$red], $this->model->direct[$black]);
    }

    /** @return array<string, mixed> */
    private function onPoints(Given $given): array
    {
        [$red, $black] = [$given->text('red'), $given->text('black')];
        $this->model->circuit->partAt($red);
        $this->model->circuit->partAt($black);

        return $red === $black ? throw Refusal::onePointTwice() : ['red' => $red, 'black' => $black];
    }

    /** @return array<string, mixed> */
    private function onWires(MeterFunction $function, Given $given): array
    {
        $wires = array_map(static fn (string $w): Clamped => Clamped::parse(trim($w)), explode('+', $given->text('red')));
        foreach ($wires as $wire) {
            $this->model->circuit->wire($wire->wire);
        }
        $turns = $given->number('turns') ?? 1.0;
        if ($turns < 1.0 || $turns > self::TURNS || floor($turns) !== $turns) {
            throw Refusal::badTurns(self::TURNS);
        }
        if ($function === MeterFunction::MicroampsDc && (count($wires) > 1 || $turns > 1.0)) {
            throw Refusal::notOneWire();
        }

        return ['red' => implode('+', $wires), 'black' => '', ...$turns > 1.0 ? ['turns' => (int) $turns] : []];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     * @throws UnknownName
     */
    public function lookedFor(Given $given): array
    {
        [$target, $result] = [$given->text('target'), $given->text('result')];
        $circuit = $this->model->circuit;
        $wire = $circuit->wires[$target] ?? null;
        $label = $wire === null ? $circuit->part($target)->label : "$wire->colour wire $wire->from – $wire->to";

        return in_array($result, self::LOOKED, true)
            ? ['target' => $target, 'label' => $label, 'result' => $result]
            : throw Refusal::badResult(self::LOOKED);
    }
}
