<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Meter\Meter;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Network\Factorisation;
use Levin\Core\Operation\Settled;
use Levin\Core\Operation\Settler;
use Levin\Core\Parts\Fault;

/**
 * Says what each suspect would show. Suspect 0 is the healthy unit; suspect n the n-th fault of the model.
 */
final class Predictor
{
    /** Branches that conduct less than this do not hold an island together, siemens. */
    private const ISLAND_SIEMENS = 1e-6;

    /** @var non-empty-list<list<string>> fault ids in force by suspect */
    public readonly array $suspects;

    private readonly Meter $meter;

    /** @var array<string, Factorisation> */
    private array $dead = [];

    public function __construct(public readonly Settler $settler, private readonly OutlookStore $store)
    {
        $this->suspects = [[], ...array_map(static fn (Fault $f): array => [$f->id()], $settler->model->suspects())];
        $this->meter = new Meter($settler);
    }

    public function settled(int $suspect, Conditions $conditions): Settled
    {
        $energised = $this->energised($conditions);
        $before = $energised->key() === $conditions->key() ? [] : $this->outlook($energised)->states[$suspect];

        return $this->settler->settle($conditions, $this->suspects[$suspect], $before);
    }

    public function outlook(Conditions $conditions): Outlook
    {
        return $this->store->outlook($conditions->key(), function () use ($conditions): Outlook {
            $re = $im = $islands = $impedances = $observed = $states = [];
            foreach (array_keys($this->suspects) as $suspect) {
                $settled = $this->settled($suspect, $conditions);
                $re[] = $settled->re;
                $im[] = $settled->im;
                [$islands[], $impedances[]] = $this->islands($settled);
                $observed[] = $this->observations($settled);
                $states[] = $settled->states;
            }

            return new Outlook($re, $im, $islands, $impedances, $observed, $states);
        });
    }

    public function volts(int $suspect, string $red, string $black, Conditions $conditions): float
    {
        $model = $this->settler->model;

        return $this->outlook($conditions)->volts($suspect, $model->node($red), $model->node($black), Meter::INPUT_OHMS);
    }

    /**
     * One suspect's reading on a dead circuit.
     *
     * @return float|null SI; null for OL
     */
    public function deadReading(int $suspect, MeterFunction $function, string $red, string $black, Conditions $conditions): ?float
    {
        $omega = Meter::testOmega($function);
        $key = "$suspect@$omega ".$conditions->key();
        $network = $this->dead[$key] ??= $this->settler->dead(
            $conditions, $this->suspects[$suspect], $this->settler->statesWhenDead($this->outlook($this->energised($conditions))->states[$suspect]), $omega,
        );
        $reading = $this->meter->readDead($function, $red, $black, $network);

        return $reading->overload ? null : $reading->value;
    }

    /**
     * Every suspect's reading on a dead circuit.
     *
     * @return non-empty-list<float|null> SI; null for OL
     */
    public function deadReadings(MeterFunction $function, string $red, string $black, Conditions $conditions): array
    {
        return $this->store->readings("$function->value $red $black ".$conditions->key(), fn (): array => array_map(
            fn (int $suspect): ?float => $this->deadReading($suspect, $function, $red, $black, $conditions),
            array_keys($this->suspects),
        ));
    }

    /**
     * The same conditions with every power switch at its default and every lead landed: what the unit went through before it
     * was made dead, and so what may have blown its fuses.
     */
    public function energised(Conditions $conditions): Conditions
    {
        $conditions = $conditions->landing($conditions->lifted);
        foreach ($this->settler->model->circuit->conditions as $condition) {
            if ($condition->power) {
                $conditions = $conditions->with($condition->name, $condition->default);
            }
        }

        return $conditions;
    }

    public function label(int $suspect): string
    {
        $fault = $this->suspects[$suspect][0] ?? null;

        return $fault === null ? 'Nothing wrong in this circuit' : $this->settler->model->faults[$fault]->label;
    }

    /** The conditions in which the unit should run: everything at its default, every lead landed. */
    public function calling(Conditions $conditions): Conditions
    {
        $conditions = $conditions->landing($conditions->lifted);
        foreach ($this->settler->model->circuit->conditions as $condition) {
            $conditions = $conditions->with($condition->name, $condition->default);
        }

        return $conditions;
    }

    /** @return array<string, string> */
    private function observations(Settled $settled): array
    {
        $seen = [];
        foreach ($this->settler->model->components as $id => $component) {
            if ($component->observables() !== []) {
                $seen[$id] = $settled->observed($id);
            }
        }

        return $seen;
    }

    /** @return array{list<int>, array<int, array{float, float}>} */
    private function islands(Settled $settled): array
    {
        $topology = $this->settler->model->topology;
        $parent = range(0, $topology->nodes);      // the last is earth
        $earth = $topology->nodes;
        $find = static function (int $n) use (&$parent): int {
            while ($parent[$n] !== $n) {
                $n = $parent[$n] = $parent[$parent[$n]];
            }

            return $n;
        };
        foreach ($topology->branches as $b => $branch) {
            foreach ($settled->network->portAdmittances($b) as $port => $siemens) {
                if ($siemens > self::ISLAND_SIEMENS) {
                    $p = $branch->nodes[2 * $port];
                    $q = $branch->nodes[2 * $port + 1];
                    $parent[$find($p < 0 ? $earth : $p)] = $find($q < 0 ? $earth : $q);
                }
            }
        }
        $numbers = [$find($earth) => 0];
        $islands = [];
        $impedances = [];
        for ($n = 0; $n < $topology->nodes; $n++) {
            $root = $find($n);
            if (! isset($numbers[$root])) {
                $numbers[$root] = count($numbers);
                $z = $settled->network->impedanceBetween($n, -1);
                $impedances[$numbers[$root]] = [$z->re, $z->im];
            }
            $islands[] = $numbers[$root];
        }

        return [$islands, $impedances];
    }
}
