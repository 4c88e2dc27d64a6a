<?php

declare(strict_types=1);

namespace Levin\Core\Circuit;

/**
 * A unit's schematic, whole: parts, wires, what can be set, and how to draw it.
 */
final readonly class Circuit
{
    /**
     * @param  float  $frequency  hertz
     * @param  string  $earth  the point all voltages are counted from
     * @param  array{control: list<string>, line: list<string>, ground: list<string>}  $references  points a technician leaves the black probe on, by what is read against them
     * @param  array<string, Place>  $places
     * @param  array<string, Part>  $parts
     * @param  array<string, Wire>  $wires
     * @param  array<string, Condition>  $conditions
     * @param  list<Section>  $ladder
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
    ) {
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
        if ($part === null || ! in_array(substr($point, strlen($id) + 1), $part->terminals, true)) {
            throw UnknownName::point($point, $this->points());
        }

        return $part;
    }

    /** @return list<Wire> wires landed on a point */
    public function wiresAt(string $point): array
    {
        return array_values(array_filter($this->wires, static fn (Wire $w): bool => $w->joins($point)));
    }

    public function placeOf(string $point): Place
    {
        return $this->places[$this->partAt($point)->place];
    }
}
