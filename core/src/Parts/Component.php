<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

use Levin\Core\Circuit\Part;

/**
 * The behaviour of one kind of part. A kind is one subclass in Parts/Kinds and nothing else.
 *
 * A component is stateless: its discrete state (pulled in, running, blown) is a short string handed in and out.
 */
abstract class Component
{
    public function __construct(public readonly Part $part)
    {
    }

    abstract public static function definition(): Definition;

    /** @return list<Element> fixed for the life of the circuit */
    abstract public function elements(): array;

    /**
     * The values of the elements, in their order.
     *
     * @return list<list<float>> see Element for the shape of each
     */
    abstract public function stamps(string $state, Setting $setting): array;

    /** @return list<FaultMode> */
    abstract public function faults(): array;

    /** @return list<Symbol> */
    abstract public function symbols(): array;

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

    /** @return list<array{0: string, 1: string}> terminals between which a capacitance meter belongs */
    public function capacitorPairs(): array
    {
        return [];
    }
}
