<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\Wire;
use Levin\Core\Network\Graph;

/** Wires with which the same may be wrong: told by what they share, not one by one. */
final readonly class Alike
{
    /** Fewer are told one by one. */
    private const MANY = 4;

    /**
     * @param  string  $label  how many they are, and what they share
     * @param  non-empty-list<PartShare>  $wires  the most probable first
     */
    private function __construct(public string $label, public array $wires)
    {
    }

    /**
     * @param  list<PartShare>  $parts  the most probable first
     * @return list<self> the most probable first
     */
    public static function among(array $parts, Circuit $circuit): array
    {
        $same = [];
        foreach ($parts as $part) {
            if (isset($circuit->wires[$part->target])) {
                $same[implode(', or ', $part->faults)][] = $part;
            }
        }
        $all = [];
        foreach ($same as $wires) {
            if (count($wires) >= self::MANY) {
                $all[] = new self(sprintf('One of %d wires%s', count($wires), self::shared(
                    array_map(static fn (PartShare $w): Wire => $circuit->wires[$w->target], $wires),
                    $circuit,
                )), $wires);
            }
        }
        usort($all, static fn (self $a, self $b): int => $b->probability() <=> $a->probability());

        return $all;
    }

    /** That it is one of them. */
    public function probability(): float
    {
        return array_sum(array_map(static fn (PartShare $w): float => $w->probability, $this->wires));
    }

    /** @return list<string> what may be wrong with each of them, the most probable first */
    public function faults(): array
    {
        return $this->wires[0]->faults;
    }

    /** @param  non-empty-list<Wire>  $wires */
    private static function shared(array $wires, Circuit $circuit): string
    {
        $bundles = array_unique(array_map(static fn (Wire $w): string => $w->bundle, $wires));
        $places = array_unique(array_merge(...array_map(
            static fn (Wire $w): array => [$circuit->partAt($w->from)->place, $circuit->partAt($w->to)->place],
            $wires,
        )));
        $colours = array_unique(array_map(static fn (Wire $w): string => $w->colour, $wires));
        $hub = self::hub($wires);

        return match (true) {
            count($bundles) === 1 && $bundles[0] !== '' => " in the $bundles[0] cable",
            $hub !== null => " joined to $hub",
            count($places) === 1 => ', all at: '.($circuit->places[$places[0]]->label ?? $places[0]),
            count($colours) === 1 => ", all $colours[0]",
            default => '',
        };
    }

    /**
     * Where most of them meet, when they are all one conductor.
     *
     * @param  non-empty-list<Wire>  $wires
     */
    private static function hub(array $wires): ?string
    {
        /** @var Graph<string, string> $joined */
        $joined = new Graph;
        $ends = [];
        foreach ($wires as $wire) {
            $joined->join($wire->from, $wire->to, $wire->id);
            $ends[$wire->from] = ($ends[$wire->from] ?? 0) + 1;
            $ends[$wire->to] = ($ends[$wire->to] ?? 0) + 1;
        }
        arsort($ends);
        $points = array_keys($ends);

        return count($joined->reached([$points[0]])) === count($points) ? $points[0] : null;
    }
}
