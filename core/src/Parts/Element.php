<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

/**
 * A place in the network that a component fills, with what it is worth now. Which nodes it joins never changes for the life of
 * a circuit; its values do.
 *
 * Node names are the component's own: terminal letters of a part, `from` and `to` of a wire; a name that starts with `@` is
 * inside and cannot be probed; `#case` is the metal body and `#earth` the reference point.
 */
final readonly class Element
{
    /**
     * @param  list<string>  $nodes  two nodes, or four for a coupled pair: port one, then port two
     * @param  list<float>  $values
     */
    private function __construct(public Shape $shape, public array $nodes, public array $values)
    {
    }

    /**
     * One admittance between two nodes.
     *
     * @param  list<float>  $values  [G, B] in siemens
     */
    public static function between(string $a, string $b, array $values): self
    {
        return new self(Shape::Admittance, [$a, $b], $values);
    }

    /**
     * An electromotive force behind its impedance.
     *
     * @param  list<float>  $values  [G, B, Jre, Jim]; the current J enters at a and leaves at b
     */
    public static function source(string $a, string $b, array $values): self
    {
        return new self(Shape::Source, [$a, $b], $values);
    }

    /**
     * Two ports that act on each other.
     *
     * @param  list<float>  $values  y11, y12, y21, y22 as [re, im] each, in one flat list of eight
     */
    public static function coupled(string $a, string $b, string $c, string $d, array $values): self
    {
        return new self(Shape::Coupled, [$a, $b, $c, $d], $values);
    }

    /** The same place with nothing in it: a part pulled out. */
    public function isolated(): self
    {
        return new self($this->shape, $this->nodes, array_fill(0, count($this->values), 0.0));
    }

    /** Siemens at d.c. or in phase, of an element that is one admittance. */
    public function conductance(): float
    {
        return $this->values[0];
    }
}
