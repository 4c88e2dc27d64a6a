<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Meter\Meter;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Meter\MeterReading;
use Levin\Core\Meter\WrongInstrument;
use Levin\Core\Network\Factorisation;
use Levin\Core\Network\Graph;
use Levin\Core\Operation\Settled;
use Levin\Core\Operation\Settler;
use Levin\Core\Parts\Faults;
use Levin\Core\Parts\InjectedFault;

/**
 * Says what each suspect would show, in each of its variants. Variant 0 is the healthy unit.
 */
final class Predictor
{
    /** Branches that conduct less than this do not hold an island together, siemens. */
    private const ISLAND_SIEMENS = 1e-6;

    /** A level whose neighbours do something else stands for so much of what it shows, more or less. */
    private const ALONE = 0.25;

    /** Other terminals of a part that are thought of for a mistaken reading, each lead. */
    private const BESIDES = 3;

    /** @var non-empty-list<Suspect> the healthy unit first */
    public readonly array $suspects;

    /** @var non-empty-list<Faults> in force by variant */
    public readonly array $variants;

    /** @var non-empty-list<int> number of the suspect by variant */
    public readonly array $suspectOf;

    private readonly Meter $meter;

    /** @var array<string, Factorisation> */
    private array $dead = [];

    public function __construct(public readonly Settler $settler, private readonly OutlookStore $store)
    {
        $suspects = [new Suspect(null, [0])];
        $variants = [Faults::none()];
        $suspectOf = [0];
        foreach ($settler->model->faults->suspects() as $fault) {
            $own = [];
            foreach ($fault->mode->levels === [] ? [null] : $fault->mode->levels as $level) {
                $own[] = count($variants);
                $suspectOf[] = count($suspects);
                $variants[] = Faults::of(new InjectedFault($fault, $level));
            }
            $suspects[] = new Suspect($fault, $own);
        }
        [$this->suspects, $this->variants, $this->suspectOf] = [$suspects, $variants, $suspectOf];
        $this->meter = new Meter($settler);
    }

    public function settled(int $variant, Conditions $conditions): Settled
    {
        $energised = $conditions->energised($this->settler->model->circuit);
        $ran = $energised->key() === $conditions->key() ? null : $this->outlook($energised)->states[$variant];

        return $this->settler->standing($conditions, $this->variants[$variant], $ran);
    }

    public function outlook(Conditions $conditions): Outlook
    {
        return $this->store->outlook($conditions->key(), function () use ($conditions): Outlook {
            $re = $im = $islands = $impedances = $observed = $states = [];
            foreach (array_keys($this->variants) as $variant) {
                $settled = $this->settled($variant, $conditions);
                $re[] = $settled->re;
                $im[] = $settled->im;
                [$islands[], $impedances[]] = $this->islands($settled);
                $observed[] = $this->observations($settled);
                $states[] = $settled->states;
            }

            return new Outlook($re, $im, $islands, $impedances, $observed, $states);
        });
    }

    public function volts(int $variant, string $red, string $black, Conditions $conditions): float
    {
        $model = $this->settler->model;

        return $this->outlook($conditions)->volts($variant, $model->node($red), $model->node($black), Meter::INPUT_OHMS);
    }

    /**
     * One variant's reading, whatever the function, as a meter would take it there.
     *
     * @return float|null SI; null for OL, and where the function must not be used
     *
     * @throws UnknownName
     * @throws WrongInstrument for a clamp, which goes round wires
     */
    public function reading(int $variant, MeterFunction $function, string $red, string $black, Conditions $conditions): ?float
    {
        return match ($function) {
            MeterFunction::VoltsAc => $this->volts($variant, $red, $black, $conditions),
            MeterFunction::Ohms, MeterFunction::Continuity, MeterFunction::Capacitance => $this->deadReading(
                $variant,
                $function,
                $red,
                $black,
                $conditions,
            ),
            default => $this->metered($variant, $function, $red, $black, $conditions)->value,
        };
    }

    /**
     * The same with whether it is a ghost.
     *
     * @throws UnknownName
     * @throws WrongInstrument for a clamp, which goes round wires
     */
    public function prediction(int $variant, MeterFunction $function, string $red, string $black, Conditions $conditions): Prediction
    {
        $model = $this->settler->model;
        $ghost = $function === MeterFunction::VoltsAc
            && $this->outlook($conditions)->isGhost($variant, $model->node($red), $model->node($black));

        return new Prediction($this->reading($variant, $function, $red, $black, $conditions), $ghost);
    }

    /**
     * Every variant's.
     *
     * @return non-empty-list<Prediction>
     *
     * @throws UnknownName
     * @throws WrongInstrument for a clamp, which goes round wires
     */
    public function predictions(MeterFunction $function, string $red, string $black, Conditions $conditions): array
    {
        if ($function !== MeterFunction::VoltsAc) {
            $values = $this->readings($function, $red, $black, $conditions);

            return $this->ranged(array_map(static fn (?float $value): Prediction => new Prediction($value), $values), $conditions);
        }
        $outlook = $this->outlook($conditions);
        [$a, $b] = [$this->settler->model->node($red), $this->settler->model->node($black)];

        return $this->ranged(array_map(static fn (int $variant): Prediction => new Prediction(
            $outlook->volts($variant, $a, $b, Meter::INPUT_OHMS),
            $outlook->isGhost($variant, $a, $b),
        ), array_keys($this->variants)), $conditions);
    }

    /**
     * Each level stands for what lies halfway to the next ones, as long as the unit does the same at both.
     *
     * @param  non-empty-list<Prediction>  $predictions  by variant
     * @return non-empty-list<Prediction>
     */
    private function ranged(array $predictions, Conditions $conditions): array
    {
        $observed = $this->outlook($conditions->energised($this->settler->model->circuit))->observed;
        $ranged = $predictions;
        foreach ($this->suspects as $suspect) {
            foreach (count($suspect->variants) > 1 ? $suspect->variants : [] as $n => $v) {
                $own = $predictions[$v];
                if ($own->value === null || $own->isGhost) {
                    continue;
                }
                $ends = [];
                foreach ([$suspect->variants[$n - 1] ?? null, $suspect->variants[$n + 1] ?? null] as $w) {
                    $next = $w === null || $observed[$v] !== $observed[$w] || $predictions[$w]->isGhost ? null : $predictions[$w]->value;
                    $ends[] = $next === null ? null : ($own->value + $next) / 2;
                }
                [$one, $other] = $ends;
                // at the end of what it does alike, a level stands for as much on its other side, or for a quarter when alone
                $ranged[$v] = match (true) {
                    $one === null && $other === null => $own->between((1 - self::ALONE) * $own->value, (1 + self::ALONE) * $own->value),
                    default => $own->between(
                        $one ?? max(0.0, 2 * $own->value - (float) $other),
                        $other ?? max(0.0, 2 * $own->value - (float) $one),
                    ),
                };
            }
        }

        return array_values($ranged);
    }

    /**
     * Pairs that a hand may have been on instead: one lead on another terminal of the same part.
     *
     * @return list<array{string, string}>
     *
     * @throws UnknownName
     */
    public function besides(string $red, string $black): array
    {
        $circuit = $this->settler->model->circuit;
        $others = static fn (string $point): array => array_values(array_filter(
            array_map($circuit->partAt($point)->point(...), $circuit->partAt($point)->terminals),
            static fn (string $other): bool => $other !== $point,
        ));
        $pairs = [
            ...array_map(static fn (string $other): array => [$other, $black], array_slice($others($red), 0, self::BESIDES)),
            ...array_map(static fn (string $other): array => [$red, $other], array_slice($others($black), 0, self::BESIDES)),
        ];

        return array_values(array_filter($pairs, static fn (array $pair): bool => $pair[0] !== $pair[1]));
    }

    /**
     * Every variant's reading.
     *
     * @return non-empty-list<float|null> SI; null for OL
     *
     * @throws UnknownName
     * @throws WrongInstrument for a clamp, which goes round wires
     */
    public function readings(MeterFunction $function, string $red, string $black, Conditions $conditions): array
    {
        $all = fn (): array => array_map(
            fn (int $variant): ?float => $this->reading($variant, $function, $red, $black, $conditions),
            array_keys($this->variants),
        );

        // volts are a subtraction; the others are worth keeping
        return $function === MeterFunction::VoltsAc
            ? $all()
            : $this->store->readings("$function->value $red $black ".$conditions->key(), $all);
    }

    /**
     * The same as a meter would take it, with what it would have one know.
     *
     * @throws UnknownName
     * @throws WrongInstrument for a clamp, which goes round wires
     */
    public function metered(int $variant, MeterFunction $function, string $red, string $black, Conditions $conditions): MeterReading
    {
        return $this->meter->read($function, $red, $black, $this->settled($variant, $conditions));
    }

    private function deadReading(int $variant, MeterFunction $function, string $red, string $black, Conditions $conditions): ?float
    {
        $omega = Meter::testOmega($function);
        $network = $this->dead["$variant@$omega ".$conditions->key()] ??= $this->deadNetwork($variant, $conditions, $omega);
        $reading = $this->meter->readDead($function, $red, $black, $network);

        return $reading->overload ? null : $reading->value;
    }

    private function deadNetwork(int $variant, Conditions $conditions, float $omega): Factorisation
    {
        $ran = $this->outlook($conditions->energised($this->settler->model->circuit))->states[$variant];

        return $this->settler->dead($conditions, $this->variants[$variant], $this->settler->statesWhenDead($ran), $omega);
    }

    /** @return array<string, string> */
    private function observations(Settled $settled): array
    {
        $seen = [];
        foreach ($this->settler->model->parts as $id => $component) {
            if ($component->observables() !== []) {
                $seen[$id] = $settled->observed($id);
            }
        }

        return $seen;
    }

    /** @return array{list<int>, array<int, array{float, float}>} island of each node, and each floating island's impedance to earth */
    private function islands(Settled $settled): array
    {
        $topology = $this->settler->model->topology;
        $held = new Graph;
        foreach ($topology->branches as $b => $branch) {
            foreach ($settled->network->portAdmittances($b) as $port => $siemens) {
                if ($siemens > self::ISLAND_SIEMENS) {
                    $held->join($branch->nodes[2 * $port], $branch->nodes[2 * $port + 1], 2 * $b + $port);
                }
            }
        }
        $nodes = range(0, $topology->nodes - 1);
        $numbers = $held->islands([-1, ...$nodes]);
        $islands = $impedances = [];
        foreach ($nodes as $node) {
            $island = $islands[] = $numbers[$node];
            if ($island > 0 && ! isset($impedances[$island])) {
                $z = $settled->network->impedanceBetween($node, -1);
                $impedances[$island] = [$z->re, $z->im];
            }
        }

        return [$islands, $impedances];
    }
}
