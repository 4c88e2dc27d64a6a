<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

/**
 * A place in the network that a part fills with values; which nodes it joins never changes, what it is worth does.
 *
 * Node names are terminal letters of the part; a name that starts with `@` is inside the part and cannot be probed;
 * `#case` is its metal body and `#earth` the reference point.
 */
final readonly class Element
{
    /** @param  list<string>  $nodes two nodes, or four for a coupled pair: port one, then port two */
    private function __construct(public Shape $shape, public array $nodes)
    {
    }

    /** One admittance between two nodes. Stamp: [G, B] in siemens. */
    public static function between(string $a, string $b): self
    {
        return new self(Shape::Admittance, [$a, $b]);
    }

    /** An electromotive force behind its impedance. Stamp: [G, B, Jre, Jim]; the current J enters at a and leaves at b. */
    public static function source(string $a, string $b): self
    {
        return new self(Shape::Source, [$a, $b]);
    }

    /**
     * Two ports that act on each other. Stamp: y11, y12, y21, y22 as [re, im] each, in one flat list of eight.
     */
    public static function coupled(string $a, string $b, string $c, string $d): self
    {
        return new self(Shape::Coupled, [$a, $b, $c, $d]);
    }
}
