<?php

declare(strict_types=1);

namespace Levin\Core\Checks;

use Levin\Core\Network\Graph;
use Levin\Core\Operation\Model;
use Levin\Core\Parts\OvercurrentDevice;
use Levin\Core\Parts\SymbolShape;

/** Which loads each fuse and breaker of a unit feeds, every contact taken as closed, and what the code makes of it. */
final readonly class BranchCircuits
{
    /** What passes current on and takes none itself. */
    private const PASSES = [
        SymbolShape::Switch, SymbolShape::Pressure, SymbolShape::Contact, SymbolShape::Link, SymbolShape::Fuse, SymbolShape::Thermal,
    ];

    private function __construct(private Model $model)
    {
    }

    /** @return list<BranchCircuit> those that feed a motor or a heater, in the order of the file */
    public static function of(Model $model): array
    {
        $circuits = [];
        foreach ($model->parts as $id => $part) {
            $device = $part->overcurrentDevice();
            $circuit = $device === null ? null : (new self($model))->behind((string) $id, $device);
            if ($circuit !== null) {
                $circuits[] = $circuit;
            }
        }

        return $circuits;
    }

    private function behind(string $id, OvercurrentDevice $device): ?BranchCircuit
    {
        $metal = $this->metalWithout($id);
        $part = $this->model->circuit->part($id);
        $sources = $this->sources();
        $fed = [];
        foreach ($device->poles as $pole) {
            foreach ($pole as $end) {
                $side = $metal->reached([$part->point($end)]);
                $fed += array_intersect_key($side, $sources) === [] ? $side : [];
            }
        }
        $demands = [];
        foreach ($this->model->parts as $load => $kind) {
            $demand = $kind->demand();
            $touches = static fn (string $t): bool => isset($fed[$kind->part->point($t)]);
            if ($demand !== null && array_filter($demand->terminals, $touches) !== []) {
                $demands[$load] = $demand;
            }
        }
        $rated = new Ampacity(array_values($demands), count($device->poles) === 3 ? 1 / sqrt(3) : 1.0);

        return $demands === [] || $rated->isOnlyControl() ? null : new BranchCircuit(
            $id,
            $device->amps,
            array_map(strval(...), array_keys($demands)),
            $rated->minimum(),
            $rated->maximum(),
            $rated->rule(),
        );
    }

    /** @return Graph<string, string> points joined by wires and by whatever passes current on, one part left out */
    private function metalWithout(string $id): Graph
    {
        /** @var Graph<string, string> $metal */
        $metal = new Graph;
        foreach ($this->model->circuit->wires as $wire) {
            $metal->join($wire->from, $wire->to, $wire->id);
        }
        foreach ($this->model->parts as $other => $kind) {
            foreach ((string) $other === $id || $kind->demand() !== null ? [] : $kind->symbols() as $n => $symbol) {
                if (in_array($symbol->shape, self::PASSES, true)) {
                    $metal->join($kind->part->point($symbol->left), $kind->part->point($symbol->right), "$other $n");
                }
            }
        }

        return $metal;
    }

    /** @return array<string, true> points of whatever the building feeds in */
    private function sources(): array
    {
        $points = [];
        foreach (array_intersect_key($this->model->parts, array_flip($this->model->feeding)) as $kind) {
            foreach ($kind->sourceTerminals() as [$hot, $return]) {
                $points[$kind->part->point($hot)] = true;
                $points[$kind->part->point($return)] = true;
            }
        }

        return $points;
    }
}
