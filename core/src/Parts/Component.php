<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

/**
 * How one thing of a circuit behaves in its network: a part of some kind, or a wire.
 *
 * A component is stateless: its discrete state (pulled in, running, blown) is a short string handed in and out.
 */
abstract class Component
{
    /** @param  string  $id  of the part or wire */
    public function __construct(public readonly string $id)
    {
    }

    /** The name in the circuit of one of its nodes, other than `#earth`: a point, or something inside. */
    abstract public function nodeName(string $local): string;

    /** What one of its failures is called, the part or wire named first. */
    abstract public function describe(FaultMode $mode): string;

    /** °C of a part whose level is heat, null for any other. */
    public function celsius(Level $level): ?float
    {
        return null;
    }

    /** Volts that it still holds once it is dead, over its two terminals.
     *
     * @return list<array{string, string, float}>
     */
    public function held(string $state): array
    {
        return [];
    }

    /** @return list<Element> the same ones for the life of the circuit, with what each is worth now */
    abstract public function elements(string $state, Setting $setting): array;

    /** @return list<FaultMode> */
    abstract public function faults(): array;

    /** @return list<Symbol> */
    public function symbols(): array
    {
        return [];
    }

    /** Whether it is a conductor with its insulation and nothing else. */
    public function isWire(): bool
    {
        return false;
    }

    public function initialState(): string
    {
        return '';
    }

    /** What is left of a state once power is off: relays drop out, a blown fuse stays blown. */
    public function stateWhenDead(string $state): string
    {
        return $this->initialState();
    }

    /** The state that follows from the voltages now at the terminals. */
    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        return $state;
    }

    /**
     * What will change by itself if the voltages stay as they are; each starts when it first appears and is off when it goes.
     *
     * @return list<Pending>
     */
    public function pending(string $state, Setting $setting, Voltages $voltages): array
    {
        return [];
    }

    /** How the part's level (heat, run time) moves now; null for a part that has none. */
    public function drift(string $state, Setting $setting, Voltages $voltages): ?Drift
    {
        return null;
    }

    /**
     * How it wears out as it is used now, null for a part that lasts: what warms, and in place of a next state the id of the
     * failure mode that is left when it has burnt out.
     */
    public function wear(string $state, Setting $setting, Voltages $voltages): ?Drift
    {
        return null;
    }

    /** The state after someone has pressed its button, closed its handle or replaced its fuse; the same when there is no such thing. */
    public function afterReset(string $state): string
    {
        return $state;
    }

    /** What someone does to reset it, as an order, where there is more to it than a button; else empty. */
    public function resetOrder(): string
    {
        return '';
    }

    /** What a run tells of it: what is seen, or its state when nothing is to be seen. */
    public function told(string $state, string $seen): string
    {
        return $seen === '' ? $state : $seen;
    }

    /** @return list<string> quantities on which the values of the elements depend directly */
    public function senses(): array
    {
        return [];
    }

    /** @return list<array{0: string, 1: float}> quantities this part acts on, and the levels at which it does */
    public function setPoints(): array
    {
        return [];
    }

    /** Whether it is there to take current: a coil, a motor, a heater. */
    public function isLoad(): bool
    {
        foreach ($this->symbols() as $symbol) {
            if (in_array($symbol->shape, [SymbolShape::Motor, SymbolShape::Coil, SymbolShape::Resistor], true)) {
                return true;
            }
        }

        return false;
    }

    /** Whether a test voltage above a volt or two would harm it. */
    public function isElectronic(): bool
    {
        return false;
    }

    /** @return list<string> what eyes and ears can report of this part; empty when nothing */
    public function observables(): array
    {
        return [];
    }

    /** Which of observables() is so now. */
    public function observed(string $state, Setting $setting, Voltages $voltages): string
    {
        return '';
    }

    /** Whether it has a shaft that a hand can turn. */
    public function hasShaft(): bool
    {
        return false;
    }

    /** Whether a flame conducts through it: what its wire carries says how well. */
    public function isFlameRod(): bool
    {
        return false;
    }

    /** Whether it keeps a burner from doing harm: nothing goes round it. */
    public function guardsFlame(): bool
    {
        return false;
    }

    /**
     * What must be so of the world where one of its failure modes is no failure, but the part doing its job.
     *
     * @return array<string, array{float, float}> the range in which each quantity is then
     */
    public function implied(string $mode): array
    {
        return [];
    }

    /** @return list<array{0: string, 1: string}> pairs of terminals worth a meter */
    public function probePairs(): array
    {
        return array_map(static fn (Symbol $s): array => [$s->left, $s->right], $this->symbols());
    }

    /** @return list<array{0: string, 1: string}> pairs of terminals that feed the circuit */
    public function sourceTerminals(): array
    {
        return [];
    }

    /** Whether it feeds direct current to what is wired to it, which is measured in volts d.c. */
    public function givesDirect(): bool
    {
        return false;
    }

    /** @return list<array{0: string, 1: string}> terminals between which a capacitance meter belongs */
    public function capacitorPairs(): array
    {
        return [];
    }
}
