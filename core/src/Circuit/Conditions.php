<?php

declare(strict_types=1);

namespace Levin\Core\Circuit;

/**
 * What the operator and the world have set: the named switches of the circuit, and the wires lifted from their points.
 */
final readonly class Conditions
{
    /**
     * @param  array<string, bool>  $values  by condition name
     * @param  list<string>  $lifted  ids of wires lifted at one end, sorted
     */
    private function __construct(private array $values, public array $lifted)
    {
    }

    public static function healthyDefaults(Circuit $circuit): self
    {
        return new self(array_map(static fn (Condition $c): bool => $c->default, $circuit->conditions), []);
    }

    /**
     * Everything off that cuts power to the unit.
     */
    public static function poweredDown(Circuit $circuit, self $from): self
    {
        $values = $from->values;
        foreach ($circuit->conditions as $condition) {
            if ($condition->power) {
                $values[$condition->name] = false;
            }
        }

        return new self($values, $from->lifted);
    }

    public function isOn(string $name): bool
    {
        return $this->values[$name] ?? throw UnknownName::condition($name, array_keys($this->values));
    }

    /** @throws UnknownName when the circuit has no such condition */
    public function with(string $name, bool $value): self
    {
        $this->isOn($name);

        return new self([...$this->values, $name => $value], $this->lifted);
    }

    /** @param  list<string>  $wires */
    public function lifting(array $wires): self
    {
        $lifted = array_values(array_unique([...$this->lifted, ...$wires]));
        sort($lifted);

        return new self($this->values, $lifted);
    }

    /** @param  list<string>  $wires */
    public function landing(array $wires): self
    {
        return new self($this->values, array_values(array_diff($this->lifted, $wires)));
    }

    public function hasLifted(string $wire): bool
    {
        return in_array($wire, $this->lifted, true);
    }

    /** Two sets of conditions with the same key are the same conditions. */
    public function key(): string
    {
        $values = $this->values;
        ksort($values);

        return implode(',', array_map(static fn (string $n, bool $v): string => $n.'='.($v ? '1' : '0'), array_keys($values), $values))
            .'|'.implode(',', $this->lifted);
    }
}
