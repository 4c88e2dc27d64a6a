<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Network\Factorisation;
use Levin\Core\Parts\Faults;

/**
 * The network of a course as its parts move, always solved. A unit that cycles stands again and again as it has stood before: what has been
 * solved once is not solved again.
 */
final class Solver
{
    /** A unit that has stood in more ways than this will stand in others yet. */
    private const KEPT = 1000;

    /** The volts now, which every part looks at. */
    public readonly NodeVolts $volts;

    /** @var array<string, NodeVolts> by how the parts and the quantities they follow stand */
    private array $known = [];

    private NodeVolts $now;

    /** @var array<string, true> components whose values may be others than the network has */
    private array $behind = [];

    /** @var list<string> components whose values follow a quantity */
    private readonly array $followers;

    /**
     * @param  array<string, string>  $states
     * @param  list<string>  $behind  components whose values may be others than the network has
     */
    public function __construct(
        private readonly Model $model,
        private readonly Networks $networks,
        private Factorisation $network,
        array $states,
        private Faults $faults,
        Conditions $conditions,
        array $behind = [],
    ) {
        $this->followers = $model->marks->followers($model->marks->followed);
        $this->behind = array_fill_keys($behind, true);
        $this->volts = new NodeVolts;
        $this->now = $this->solved($states, $conditions);
        $this->know($this->key($states, $conditions));
    }

    /**
     * Some parts have moved, or something that they follow.
     *
     * @param  list<string>  $moved
     * @param  array<string, string>  $states  of all parts
     * @return bool whether there are other volts than before
     */
    public function move(array $moved, array $states, Conditions $conditions): bool
    {
        $before = $this->now;
        $network = $this->behind === [] ? $this->network : null;
        $this->behind += array_fill_keys([...$moved, ...$this->followers], true);
        $key = $this->key($states, $conditions);
        $known = $this->known[$key] ?? null;
        $isSame = $known === null && $this->network($states, $conditions) === $network
            && array_intersect($moved, $this->model->feeding) === [];
        $this->now = $known ?? ($isSame ? $before : $this->solved($states, $conditions));
        $this->know($key);

        return $this->now !== $before;
    }

    /**
     * Something has been switched, lifted or has failed: all may be otherwise.
     *
     * @param  array<string, string>  $states
     */
    public function change(array $states, Faults $faults, Conditions $conditions): void
    {
        $this->faults = $faults;
        $this->known = [];
        $this->behind = array_fill_keys(array_keys($this->model->components), true);
        $this->now = $this->solved($states, $conditions);
        $this->know($this->key($states, $conditions));
    }

    /**
     * As it is now.
     *
     * @param  array<string, string>  $states
     */
    public function network(array $states, Conditions $conditions): Factorisation
    {
        if ($this->behind !== []) {
            $targets = array_keys($this->behind);
            $this->network = $this->networks->changed($this->network, $targets, $states, $this->faults, $conditions, $this->model->omega);
            $this->behind = [];
        }

        return $this->network;
    }

    /** @param  array<string, string>  $states */
    private function solved(array $states, Conditions $conditions): NodeVolts
    {
        return new NodeVolts(...$this->network($states, $conditions)->solve(
            ...$this->networks->injection($states, $this->faults, $conditions, $this->model->omega),
        ));
    }

    private function know(string $key): void
    {
        if (count($this->known) >= self::KEPT) {
            $this->known = [];
        }
        $this->known[$key] = $this->now;
        [$this->volts->re, $this->volts->im] = [$this->now->re, $this->now->im];
    }

    /** @param  array<string, string>  $states */
    private function key(array $states, Conditions $conditions): string
    {
        $key = implode('|', $states);
        foreach ($this->model->marks->followed as $quantity) {
            $key .= ' '.$conditions->number($quantity);
        }

        return $key;
    }
}
