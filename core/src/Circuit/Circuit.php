<?php

declare(strict_types=1);

namespace Levin\Core\Circuit;

/**
 * A unit's schematic, whole: parts, wires, what can be set, and how to draw it.
 */
final readonly class Circuit
{
    /** @var array<string, Condition> of the conditions those that some part is set by; the others are the world's: weather, dirt, charge */
    public array $settings;

    /**
     * @param  float  $frequency  hertz
     * @param  string  $earth  the point all voltages are counted from
     * @param  array{control: list<string>, line: list<string>, ground: list<string>}  $references  points a technician leaves
     *         the black probe on, by what is read against them
     * @param  array<string, Place>  $places
     * @param  array<string, Part>  $parts
     * @param  array<string, Wire>  $wires
     * @param  array<string, Condition>  $conditions
     * @param  list<Section>  $ladder
     * @param  array<string, Quantity>  $quantities
     */
    public function __construct(
        public string $id,
        public string $title,
        public string $family,
        public string $supply,
        public float $frequency,
        public string $earth,
        public array $references,
        public array $places,
        public array $parts,
        public array $wires,
        public array $conditions,
        public array $ladder,
        public array $quantities = [],
    ) {
        $onPlates = array_merge(...array_map(static fn (Part $p): array => array_values($p->plate), array_values($parts)));
        $this->settings = array_intersect_key($conditions, array_flip(array_filter($onPlates, is_string(...))));
    }

    /** @throws UnknownName */
    public function part(string $id): Part
    {
        return $this->parts[$id] ?? throw UnknownName::part($id, array_map(strval(...), array_keys($this->parts)));
    }

    /** @throws UnknownName */
    public function wire(string $id): Wire
    {
        return $this->wires[$id] ?? throw UnknownName::wire($id, array_map(strval(...), array_keys($this->wires)));
    }

    /** @throws UnknownName */
    public function quantity(string $name): Quantity
    {
        return $this->quantities[$name] ?? throw UnknownName::condition($name, array_map(strval(...), array_keys($this->quantities)));
    }

    /** @return list<string> names of the quantities that there are instruments for */
    public function measured(): array
    {
        return array_keys(array_filter($this->quantities, static fn (Quantity $q): bool => $q->isMeasured()));
    }

    /** @return list<string> every point a probe can touch, in file order */
    public function points(): array
    {
        $points = [];
        foreach ($this->parts as $part) {
            foreach ($part->terminals as $terminal) {
                $points[] = $part->point($terminal);
            }
        }

        return $points;
    }

    /** @throws UnknownName */
    public function partAt(string $point): Part
    {
        $id = substr($point, 0, (int) strrpos($point, '.'));
        $part = $this->parts[$id] ?? null;
        if ($part === null || ! in_array($point, array_map($part->point(...), $part->terminals), true)) {
            throw UnknownName::point($point, $this->points());
        }

        return $part;
    }

    /** @return list<Wire> wires landed on a point */
    public function wiresAt(string $point): array
    {
        return array_values(array_filter($this->wires, static fn (Wire $w): bool => $w->joins($point)));
    }

    /**
     * What hangs on a part or a wire: its wires, or the parts at its ends.
     *
     * @return list<string> ids
     *
     * @throws UnknownName
     */
    public function beside(string $id): array
    {
        $wire = $this->wires[$id] ?? null;
        if ($wire !== null) {
            return [$this->partAt($wire->from)->id, $this->partAt($wire->to)->id];
        }
        $points = array_map($this->part($id)->point(...), $this->part($id)->terminals);

        return array_map(
            static fn (Wire $w): string => $w->id,
            array_values(array_filter($this->wires, static fn (Wire $w): bool => array_filter($points, $w->joins(...)) !== [])),
        );
    }

    /**
     * The same circuit with a jumper on it: one more wire, 2 mm² and half a metre, that can be clamped and followed like any other.
     *
     * @throws UnknownName for a point that is not there
     */
    public function jumping(string $a, string $b): self
    {
        $this->partAt($a);
        $this->partAt($b);
        $n = 1;
        while (isset($this->wires["jumper$n"])) {
            $n++;
        }

        return $this->with(
            wires: [...$this->wires, "jumper$n" => new Wire("jumper$n", $a, $b, 'jumper', WireGauge::from(14), 0.5, $this->earth)],
        );
    }

    /**
     * The same circuit miswired: two wires that land on one part, each where the other belongs.
     *
     * @throws UnknownName for a wire that is not there
     * @throws NothingInCommon
     */
    public function swapping(string $first, string $second): self
    {
        [$p, $q] = [$this->wire($first), $this->wire($second)];
        foreach ([$p->from, $p->to] as $a) {
            foreach ([$q->from, $q->to] as $b) {
                if ($a !== $b && $this->partAt($a) === $this->partAt($b)) {
                    $moved = static fn (Wire $w, string $off, string $on): Wire => $w->from === $off
                        ? $w->between($on, $w->to)
                        : $w->between($w->from, $on);

                    return $this->with(wires: [...$this->wires, $first => $moved($p, $a, $b), $second => $moved($q, $b, $a)]);
                }
            }
        }
        throw NothingInCommon::of($p, $q);
    }

    /** The same circuit with another part fitted in place of the right one. */
    public function fitting(Part $part): self
    {
        return $this->with(parts: [...$this->parts, $part->id => $part]);
    }

    /**
     * @param  array<string, Part>|null  $parts
     * @param  array<string, Wire>|null  $wires
     */
    private function with(?array $parts = null, ?array $wires = null): self
    {
        return new self(
            $this->id, $this->title, $this->family, $this->supply, $this->frequency, $this->earth, $this->references, $this->places,
            $parts ?? $this->parts, $wires ?? $this->wires, $this->conditions, $this->ladder, $this->quantities,
        );
    }
}
