<?php

declare(strict_types=1);

namespace Levin\Core\Checks;

use Levin\Core\Circuit\Part;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Network\Graph;
use Levin\Core\Operation\Model;
use Levin\Core\Parts\Switches\SensingSwitch;
use Levin\Core\Parts\Valves\GasValve;

/**
 * What keeps a burner from doing harm, and must not be gone round with a jumper: limits, roll-out and draft switches, and the gas valve,
 * which nothing feeds but its controls. [common practice, no published source; makers and local codes forbid it]
 */
final readonly class BurnerGuards
{
    public function __construct(private Model $model)
    {
    }

    /**
     * @return string|null the part that a jumper between two points would go round, or feed; null when there is none
     *
     * @throws UnknownName
     */
    public function gone(string $from, string $to): ?string
    {
        $valves = array_filter($this->model->parts, static fn ($part): bool => $part instanceof GasValve);
        if ($valves === []) {
            return null;
        }
        [$a, $b] = [$this->model->node($from), $this->model->node($to)];
        $wires = $this->islands([]);
        foreach ($valves as $valve) {
            $own = $this->fed($valve->part, $wires);
            // one end on the valve's own wire: it would be fed, or shorted, round its controls
            if (($wires[$a] === $own) !== ($wires[$b] === $own)) {
                return $valve->part->label;
            }
        }
        $whole = $this->islands($this->switches(''));
        foreach ($this->model->parts as $id => $part) {
            if ($part->guardsFlame() && $whole[$a] === $whole[$b]) {
                $without = $this->islands($this->switches($id));
                if ($without[$a] !== $without[$b]) {
                    return $part->part->label;
                }
            }
        }

        return null;
    }

    /**
     * The side of a valve that its controls feed: the other is everything's common.
     *
     * @param  array<int, int>  $islands  by node
     */
    private function fed(Part $valve, array $islands): int
    {
        $sizes = array_count_values($islands);
        $own = array_map(fn (string $t): int => $islands[$this->model->node($valve->point($t))], $valve->terminals);
        usort($own, static fn (int $one, int $other): int => $sizes[$one] <=> $sizes[$other]);

        return $own[0] ?? 0;
    }

    /** @return list<SensingSwitch> the switches of a string, one left out */
    private function switches(string $but): array
    {
        return array_values(array_filter(
            $this->model->parts,
            static fn ($part): bool => $part instanceof SensingSwitch && $part->id !== $but,
        ));
    }

    /**
     * What is joined by wires and by some switches.
     *
     * @param  list<SensingSwitch>  $switches
     * @return array<int, int> by node; −1 is earth
     */
    private function islands(array $switches): array
    {
        $joined = new Graph;
        $edge = 0;
        foreach ($this->model->circuit->wires as $wire) {
            $joined->join($this->model->node($wire->from), $this->model->node($wire->to), $edge++);
        }
        foreach ($switches as $switch) {
            [$one, $two] = $switch->part->terminals;
            $joined->join($this->model->node($switch->part->point($one)), $this->model->node($switch->part->point($two)), $edge++);
        }
        $nodes = [-1, ...range(0, $this->model->topology->nodes - 1)];

        $islands = $joined->islands($nodes);

        return array_combine($nodes, array_map(static fn (int $node): int => $islands[$node], $nodes));
    }
}
