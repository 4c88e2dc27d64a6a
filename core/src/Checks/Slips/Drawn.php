<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Slips;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Network\Graph;
use Levin\Core\Operation\Model;
use Levin\Core\Operation\Settled;
use Levin\Core\Operation\Settler;
use Levin\Core\Parts\Faults;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\SymbolShape;

/** A circuit as it was drawn: what it comes to with nothing wrong, and which points are joined. */
final class Drawn
{
    private const LOADS = [
        SymbolShape::Coil, SymbolShape::Motor, SymbolShape::ThreePhaseMotor, SymbolShape::Resistor, SymbolShape::Primary,
    ];

    private Settled $healthy;

    /** @var list<Settled> */
    private array $settled = [];

    /** @var array<string, int>|null */
    private ?array $islands = null;

    private readonly Settler $settler;

    public function __construct(public readonly Model $model)
    {
        $this->settler = Settler::of($model);
    }

    /** As it ships: everything on, everything called. */
    public function healthy(): Settled
    {
        return $this->healthy ??= $this->settle(Conditions::healthyDefaults($this->model->circuit));
    }

    /** @return list<Settled> as it ships, and with each thing that can be set the other way */
    public function settled(): array
    {
        if ($this->settled === []) {
            $now = Conditions::healthyDefaults($this->model->circuit);
            $this->settled[] = $this->healthy();
            foreach ($this->model->circuit->settings as $name => $condition) {
                $this->settled[] = $this->settle($now->with((string) $name, ! $condition->default));
            }
        }

        return $this->settled;
    }

    private function settle(Conditions $conditions): Settled
    {
        return $this->settler->settle($conditions, Faults::none());
    }

    /**
     * The two points of each load that it is fed over.
     *
     * @return array<string, array{string, string}> by part id
     */
    public function loads(): array
    {
        $loads = [];
        $wires = $this->wires();
        foreach ($this->model->parts as $id => $kind) {
            foreach ($kind->symbols() as $symbol) {
                $ends = [$kind->part->point($symbol->left), $kind->part->point($symbol->right)];
                // of a transformer's taps one is wired
                $isWired = $wires->at($ends[0]) !== [] && $wires->at($ends[1]) !== [];
                if (in_array($symbol->shape, self::LOADS, true) && $isWired) {
                    $loads[(string) $id] ??= $ends;
                }
            }
        }

        return $loads;
    }

    /** @return array<string, int> which conductor each point lies on, every switch, contact and fuse taken as closed */
    public function conductors(): array
    {
        return $this->islands ??= $this->metal()->islands($this->model->circuit->points());
    }

    /** @return Graph<string, string> points joined by wires */
    public function wires(): Graph
    {
        /** @var Graph<string, string> $wires */
        $wires = new Graph;
        foreach ($this->model->circuit->wires as $wire) {
            $wires->join($wire->from, $wire->to, $wire->id);
        }

        return $wires;
    }

    /** @return Graph<string, string> points joined by wires and by what passes current on and takes none itself */
    public function metal(SymbolShape ...$but): Graph
    {
        $metal = $this->wires();
        foreach ($this->model->parts as $id => $kind) {
            foreach ($kind->symbols() as $n => $symbol) {
                if ($symbol->shape->isInSeries() && ! in_array($symbol->shape, $but, true)) {
                    $metal->join($kind->part->point($symbol->left), $kind->part->point($symbol->right), "$id $n");
                }
            }
        }

        return $metal;
    }

    /** @return Graph<string, string> points joined by whatever current can flow through, some parts left out */
    public function everything(string ...$but): Graph
    {
        /** @var Graph<string, string> $all */
        $all = new Graph;
        $setting = new Setting(Conditions::healthyDefaults($this->model->circuit), [], $this->model->omega);
        foreach ($this->model->components as $id => $component) {
            $elements = in_array((string) $id, $but, true) ? [] : $component->elements($component->initialState(), $setting);
            foreach ($elements as $n => $element) {
                foreach (array_chunk($element->nodes, 2) as $m => [$a, $b]) {
                    // what leads to metal and to earth is there for what may fail
                    if ($a[0] !== '#' && $b[0] !== '#') {
                        $all->join($component->nodeName($a), $component->nodeName($b), "$id $n $m");
                    }
                }
            }
        }

        return $all;
    }

    /** @return array<string, true> points that something inside their part leads on from */
    public function within(): array
    {
        $points = [];
        $setting = new Setting(Conditions::healthyDefaults($this->model->circuit), [], $this->model->omega);
        foreach ($this->model->parts as $kind) {
            foreach ($kind->elements($kind->initialState(), $setting) as $element) {
                $inside = array_filter($element->nodes, static fn (string $node): bool => $node !== '#earth');
                $points += array_fill_keys(array_map($kind->nodeName(...), $inside), true);
            }
        }

        return $points;
    }

    public function label(string $part): string
    {
        return $this->model->circuit->part($part)->label." $part";
    }

    public function kind(string $part): Kind
    {
        return $this->model->parts[$part];
    }
}
