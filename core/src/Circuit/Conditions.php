<?php

declare(strict_types=1);

namespace Levin\Core\Circuit;

/**
 * What the operator and the world have set: the named switches of the circuit, its measured quantities, the wires lifted
 * from their points and the parts pulled out or unplugged.
 */
final class Conditions
{
    /** Of the air, and of a part that has stood in it, °C. */
    public const AIR = 25.0;

    /** Asked for thousands of times, and long: made once. */
    private ?string $key = null;

    /**
     * @param  array<string, bool>  $values  by condition name
     * @param  array<string, float>  $numbers  by quantity name, in the quantity's unit
     * @param  list<string>  $lifted  ids of wires lifted at one end, sorted
     * @param  list<string>  $removed  ids of parts pulled or unplugged, sorted
     * @param  array<string, float>  $warm  °C by part id, of those that are not at the air's temperature
     * @param  list<string>  $jumpers  as POINT~POINT, the first in order first, sorted
     */
    private function __construct(
        private readonly array $values,
        private readonly array $numbers,
        public readonly array $lifted,
        public readonly array $removed,
        private readonly array $warm = [],
        public readonly array $jumpers = [],
    ) {
    }

    /**
     * The same, some parts warmer than the air around them.
     *
     * @param  array<string, float>  $warm  °C by part id
     */
    public function warm(array $warm): self
    {
        return $this->but(warm: $warm);
    }

    /** °C of a part. */
    public function celsius(string $part): float
    {
        return $this->warm[$part] ?? self::AIR;
    }

    public static function healthyDefaults(Circuit $circuit): self
    {
        return new self(
            array_map(static fn (Condition $c): bool => $c->default, $circuit->conditions),
            array_map(static fn (Quantity $q): float => $q->normal, $circuit->quantities),
            [], [],
        );
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

        return $from->but(values: $values);
    }

    /** Every power switch at its default and every lead landed: what the unit went through before it was made dead. */
    public function energised(Circuit $circuit): self
    {
        return $this->defaulting(array_filter($circuit->conditions, static fn (Condition $c): bool => $c->power));
    }

    /** The same unit as it is called, fed and whole: every lead landed, every part in, no jumper. */
    public function asCalled(Circuit $circuit): self
    {
        return $this->energised($circuit)->landing($this->lifted)->restoring($this->removed)->unjumpered();
    }

    /** Whether every power switch is at its default and every lead landed. */
    public function isEnergised(Circuit $circuit): bool
    {
        return $this->lifted === []
            && $this->haveAllPower($circuit, static fn (Condition $c, ?bool $is): bool => $is === $c->default);
    }

    /** Whether everything is off that cuts power to the unit. */
    public function isPoweredDown(Circuit $circuit): bool
    {
        return $this->haveAllPower($circuit, static fn (Condition $c, ?bool $is): bool => $is === false);
    }

    /** @param  \Closure(Condition, bool|null): bool  $stands  whether one that cuts power does as it is; null where it was never set */
    private function haveAllPower(Circuit $circuit, \Closure $stands): bool
    {
        foreach ($circuit->conditions as $condition) {
            if ($condition->power && ! $stands($condition, $this->values[$condition->name] ?? null)) {
                return false;
            }
        }

        return true;
    }

    /**
     * In which the unit should run: whatever can be set at its default, every lead landed, every part in its place, no jumper on. The
     * weather stays as it is.
     */
    public function calling(Circuit $circuit): self
    {
        return $this->defaulting($circuit->settings)->restoring($this->removed)->unjumpered();
    }

    /**
     * The same with other calls: each of them the other way, by itself, and all of them off.
     *
     * @return list<self>
     */
    public function otherwiseCalled(Circuit $circuit): array
    {
        $calls = array_keys(array_filter($circuit->conditions, static fn (Condition $c): bool => $c->call));
        $off = array_fill_keys($calls, false);
        $others = [...array_map(fn (string $c): array => [$c => ! $this->values[$c]], $calls), $off];
        $sets = array_map(fn (array $values): self => $this->but(values: [...$this->values, ...$values]), $others);
        $byKey = array_combine(array_map(static fn (self $c): string => $c->key(), $sets), $sets);

        return array_values(array_diff_key($byKey, [$this->key() => true]));
    }

    /** @throws UnknownName when the circuit has no such condition */
    public function isOn(string $name): bool
    {
        return $this->values[$name] ?? throw UnknownName::condition($name, array_keys($this->values));
    }

    /** @throws UnknownName when the circuit has no such quantity */
    public function number(string $name): float
    {
        return $this->numbers[$name] ?? throw UnknownName::condition($name, [...array_keys($this->numbers), ...array_keys($this->values)]);
    }

    public function isQuantity(string $name): bool
    {
        return isset($this->numbers[$name]);
    }

    /** @throws UnknownName when the circuit has no such condition */
    public function with(string $name, bool $value): self
    {
        if (! isset($this->values[$name])) {
            throw UnknownName::condition($name, [...array_keys($this->values), ...array_keys($this->numbers)]);
        }

        return $this->but(values: [...$this->values, $name => $value]);
    }

    /**
     * @param  array<string, float>  $numbers
     *
     * @throws UnknownName when the circuit has no such quantity
     */
    public function withNumbers(array $numbers): self
    {
        foreach (array_keys($numbers) as $name) {
            $this->number($name);
        }

        return $numbers === [] ? $this : $this->but(numbers: [...$this->numbers, ...$numbers]);
    }

    /** @param  list<string>  $wires */
    public function lifting(array $wires): self
    {
        return $this->but(lifted: self::joined($this->lifted, $wires));
    }

    /** @param  list<string>  $wires */
    public function landing(array $wires): self
    {
        return $this->but(lifted: array_values(array_diff($this->lifted, $wires)));
    }

    /** @param  list<string>  $parts fuses pulled, plugs parted, relays taken out of their sockets */
    public function removing(array $parts): self
    {
        return $this->but(removed: self::joined($this->removed, $parts));
    }

    /** @param  list<string>  $parts */
    public function restoring(array $parts): self
    {
        return $this->but(removed: array_values(array_diff($this->removed, $parts)));
    }

    public function jumpering(string $a, string $b): self
    {
        return $this->but(jumpers: self::joined($this->jumpers, [self::jumper($a, $b)]));
    }

    /** With one jumper off, or all of them when none is named. */
    public function unjumpered(string ...$points): self
    {
        $jumpers = $points === [] ? [] : array_values(array_diff($this->jumpers, [self::jumper(...$points)]));

        return $jumpers === $this->jumpers ? $this : $this->but(jumpers: $jumpers);
    }

    /** The same whichever way round it is put on. */
    private static function jumper(string $a, string $b): string
    {
        return min($a, $b).'~'.max($a, $b);
    }

    public function hasLifted(string $wire): bool
    {
        return in_array($wire, $this->lifted, true);
    }

    public function hasRemoved(string $part): bool
    {
        return in_array($part, $this->removed, true);
    }

    /** @return array<string, float> */
    public function numbers(): array
    {
        return $this->numbers;
    }

    /** Two sets of conditions with the same key are the same conditions. */
    public function key(): string
    {
        return $this->key ??= $this->made();
    }

    private function made(): string
    {
        $values = $this->values;
        ksort($values);
        $key = implode(',', array_map(static fn (string $n, bool $v): string => $n.'='.($v ? '1' : '0'), array_keys($values), $values))
            .'|'.implode(',', $this->lifted);
        if ($this->removed !== []) {
            $key .= '|-'.implode(',', $this->removed);
        }
        if ($this->jumpers !== []) {
            $key .= '|+'.implode(',', $this->jumpers);
        }
        foreach ($this->numbers as $name => $number) {
            $key .= "|$name=".(string) $number;
        }
        foreach ($this->warm as $part => $celsius) {
            $key .= "|$part ".(string) $celsius.'°C';
        }

        return $key;
    }

    /**
     * The same with some of it changed.
     *
     * @param  array<string, bool>|null  $values
     * @param  array<string, float>|null  $numbers
     * @param  list<string>|null  $lifted
     * @param  list<string>|null  $removed
     * @param  array<string, float>|null  $warm
     * @param  list<string>|null  $jumpers
     */
    private function but(
        ?array $values = null,
        ?array $numbers = null,
        ?array $lifted = null,
        ?array $removed = null,
        ?array $warm = null,
        ?array $jumpers = null,
    ): self {
        return new self(
            $values ?? $this->values,
            $numbers ?? $this->numbers,
            $lifted ?? $this->lifted,
            $removed ?? $this->removed,
            $warm ?? $this->warm,
            $jumpers ?? $this->jumpers,
        );
    }

    /** @param  array<string, Condition>  $conditions that go to their defaults */
    private function defaulting(array $conditions): self
    {
        $defaults = array_map(static fn (Condition $c): bool => $c->default, $conditions);

        return $this->but(values: [...$this->values, ...$defaults], lifted: []);
    }

    /**
     * @param  list<string>  $have
     * @param  list<string>  $more
     * @return list<string>
     */
    private static function joined(array $have, array $more): array
    {
        $all = array_values(array_unique([...$have, ...$more]));
        sort($all);

        return $all;
    }
}
