<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\Conditions;
use Levin\Core\Network\Factorisation;
use Levin\Core\Parts\Faults;

/**
 * Lets a circuit come to rest: solve, let every relay, motor, fuse and board act on what it sees, solve again, until none
 * moves; then let the timers that have started run out, one after another.
 *
 * It starts as the unit does when power comes on: relays out, motors still, fuses whole. Heat, run time and slow quantities
 * stay where they are: what comes of them is for Runner.
 */
final class Settler
{
    /** Timers longer than this are not waited for: a defrost clock, a reset that takes its time. Seconds. */
    private const PATIENCE = 600.0;

    /** The last so many are at hand: the same few are asked for in turn. */
    private const AT_HAND = 12;

    public readonly Networks $networks;

    private readonly Trails $trails;

    /** @var Recent<Settled> */
    private readonly Recent $settled;

    /** @var array<string, self> of the same circuit jumpered */
    private array $jumpered = [];

    /** Models whose settlers are at hand. */
    private const MODELS = 4;

    /** @var Recent<self>|null */
    private static ?Recent $ofModels = null;

    /** The one whose answers about a model are at hand. */
    public static function of(Model $model): self
    {
        self::$ofModels ??= new Recent(self::MODELS);

        // it holds its model, so that the number is nobody else's
        return self::$ofModels->of((string) spl_object_id($model), static fn (): self => new self($model));
    }

    public function __construct(public readonly Model $model)
    {
        $this->networks = new Networks($model);
        $this->trails = new Trails($this->walked(...));
        $this->settled = new Recent(self::AT_HAND);
    }

    /** Of this circuit with the jumper wires that are on: a jumper is a wire like any other. */
    public function under(Conditions $conditions): self
    {
        if ($conditions->jumpers === []) {
            return $this;
        }

        return $this->jumpered[implode(' ', $conditions->jumpers)] ??= new self(new Model(array_reduce(
            $conditions->jumpers,
            static fn (Circuit $circuit, string $jumper): Circuit => $circuit->jumping(...explode('~', $jumper, 2)),
            $this->model->circuit,
        )));
    }

    /** Of this circuit with so many times its volts on the wires that feed it. */
    public function fed(float $times): self
    {
        $circuit = $this->model->circuit;
        foreach ($circuit->parts as $id => $part) {
            if ($this->model->parts[$id]->sourceTerminals() !== [] && isset($part->plate['source_ohms'])) {
                $circuit = $circuit->fitting($part->withPlate(['volts' => $times * $part->number('volts')]));
            }
        }

        return $circuit === $this->model->circuit ? $this : new self(new Model($circuit));
    }

    public function storyteller(): Storyteller
    {
        return new Storyteller($this->model, $this->networks);
    }

    /** @param  array<string, string>  $before  part states from before power was cut or changed; a blown fuse stays blown */
    public function settle(Conditions $conditions, Faults $faults, array $before = []): Settled
    {
        if ($conditions->jumpers !== []) {
            return $this->under($conditions)->settle($conditions->unjumpered(), $faults, $before);
        }
        $left = $this->statesWhenDead($before);
        $key = serialize([$conditions->key(), $faults->ids(), $left]);

        return $this->settled->of($key, fn (): Settled => $this->settledNow($conditions, $faults, $left));
    }

    /** @param  array<string, string>  $left  part states */
    private function settledNow(Conditions $conditions, Faults $faults, array $left): Settled
    {
        $parting = $faults->isEmpty() ? null : $this->trails->under($conditions, $left)->parting($faults);
        $course = $parting === null
            ? Course::begun($this->model, $this->networks, $conditions, $faults, $left)
            : Course::from($this->model, $this->networks, $parting, $faults);
        $course->waitForTimers(self::PATIENCE);

        return $course->settled();
    }

    /** @param  array<string, string>  $left */
    private function walked(Conditions $conditions, array $left): Trail
    {
        $trail = new Trail($this->model, $this->networks);
        $course = Course::begun($this->model, $this->networks, $conditions, Faults::none(), $left, trail: $trail);
        $course->waitForTimers(self::PATIENCE);

        return $trail;
    }

    /**
     * How the unit stands now, the one answer to that question: with its feeds as they are now, after it was run with all of
     * them on, so that whatever a fault has blown or tripped is blown or tripped.
     *
     * @param  array<string, string>|null  $ran  part states of that run with these faults, when they are known already
     */
    public function standing(Conditions $now, Faults $faults, ?array $ran = null): Settled
    {
        $fed = $now->energised($this->model->circuit);
        if ($now->isEnergised($this->model->circuit)) {
            return $this->settle($now, $faults);
        }

        $states = $ran ?? $this->settle($fed, $faults)->states;
        $landed = $now->landing($now->lifted)->restoring($now->removed);
        if ($landed->key() !== $now->key() && $landed->key() !== $fed->key()) {
            // it was switched off before a lead was lifted: what is charged has had its path until then
            $states = $this->settle($landed, $faults, $states)->states;
        }

        return $this->settle($now, $faults, $states);
    }

    /**
     * How the unit stands at once after it ran for a time with its feeds on: warm, its overloads as they are, its motors coasting.
     */
    public function after(float $seconds, Conditions $now, Faults $faults): Settled
    {
        if ($now->jumpers !== []) {
            return $this->under($now)->after($seconds, $now->unjumpered(), $faults);
        }
        $course = Course::begun($this->model, $this->networks, $now->energised($this->model->circuit), $faults, []);
        while ($course->time() < $seconds) {
            $course->goOn($seconds);
        }
        $course->change($now->withNumbers($course->conditions()->numbers()));

        return $course->settled();
    }

    /**
     * Every moment on the way to rest, from standstill.
     *
     * @param  \Closure(Settled): void  $witness
     */
    public function witnessed(Conditions $conditions, Faults $faults, \Closure $witness): void
    {
        if ($conditions->jumpers !== []) {
            $this->under($conditions)->witnessed($conditions->unjumpered(), $faults, $witness);

            return;
        }
        Course::begun($this->model, $this->networks, $conditions, $faults, [], $witness)->waitForTimers(self::PATIENCE);
    }

    /**
     * The network of a circuit that is dead, its parts in known states.
     *
     * @param  array<string, string>  $states  by part id
     * @param  float  $omega  rad/s, zero for d.c.
     */
    public function dead(Conditions $conditions, Faults $faults, array $states, float $omega): Factorisation
    {
        return $this->under($conditions)->networks->at($conditions->unjumpered(), $states, $faults, $omega);
    }

    /**
     * What is left of part states once power is off.
     *
     * @param  array<string, string>  $states
     * @return array<string, string>
     */
    public function statesWhenDead(array $states): array
    {
        foreach ($states as $id => $state) {
            $states[$id] = $this->model->component($id)->stateWhenDead($state);
        }

        return $states;
    }
}
