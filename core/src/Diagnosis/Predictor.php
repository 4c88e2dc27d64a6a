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
use Levin\Core\Parts\Fault;
use Levin\Core\Parts\Faults;
use Levin\Core\Parts\InjectedFault;

/**
 * Says what each suspect would show. Suspect 0 is the healthy unit; suspect n the n-th fault of the model.
 */
final class Predictor
{
    /** Branches that conduct less than this do not hold an island together, siemens. */
    private const ISLAND_SIEMENS = 1e-6;

    /** Other terminals of a part that are thought of for a mistaken reading, each lead. */
    private const BESIDES = 3;

    /** @var non-empty-list<Faults> in force by suspect */
    public readonly array $suspects;

    private readonly Meter $meter;

    /** @var array<string, Factorisation> */
    private array $dead = [];

    public function __construct(public readonly Settler $settler, private readonly OutlookStore $store)
    {
        $this->suspects = [
            Faults::none(),
            ...array_map(static fn (Fault $f): Faults => Faults::of(new InjectedFault($f)), $settler->model->faults->suspects()),
        ];
        $this->meter = new Meter($settler);
    }

    public function settled(int $suspect, Conditions $conditions): Settled
    {
        $energised = $conditions->energised($this->settler->model->circuit);
        $ran = $energised->key() === $conditions->key() ? null : $this->outlook($energised)->states[$suspect];

        return $this->settler->standing($conditions, $this->suspects[$suspect], $ran);
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
     * One suspect's reading, whatever the function, as a meter would take it there.
     *
     * @return float|null SI; null for OL, and where the function must not be used
     *
     * @throws UnknownName
     * @throws WrongInstrument for a clamp, which goes round wires
     */
    public function reading(int $suspect, MeterFunction $function, string $red, string $black, Conditions $conditions): ?float
    {
        return match ($function) {
            MeterFunction::VoltsAc => $this->volts($suspect, $red, $black, $conditions),
            MeterFunction::Ohms, MeterFunction::Continuity, MeterFunction::Capacitance => $this->deadReading(
                $suspect,
                $function,
                $red,
                $black,
                $conditions,
            ),
            default => $this->metered($suspect, $function, $red, $black, $conditions)->value,
        };
    }

    /**
     * The same with whether it is a ghost.
     *
     * @throws UnknownName
     * @throws WrongInstrument for a clamp, which goes round wires
     */
    public function prediction(int $suspect, MeterFunction $function, string $red, string $black, Conditions $conditions): Prediction
    {
        $model = $this->settler->model;
        $ghost = $function === MeterFunction::VoltsAc
            && $this->outlook($conditions)->isGhost($suspect, $model->node($red), $model->node($black));

        return new Prediction($this->reading($suspect, $function, $red, $black, $conditions), $ghost);
    }

    /**
     * Every suspect's.
     *
     * @return non-empty-list<Prediction>
     *
     * @throws UnknownName
     * @throws WrongInstrument for a clamp, which goes round wires
     */
    public function predictions(MeterFunction $function, string $red, string $black, Conditions $conditions): array
    {
        if ($function !== MeterFunction::VoltsAc) {
            return array_map(
                static fn (?float $value): Prediction => new Prediction($value),
                $this->readings($function, $red, $black, $conditions),
            );
        }

        return array_map(
            fn (int $suspect): Prediction => $this->prediction($suspect, $function, $red, $black, $conditions),
            array_keys($this->suspects),
        );
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
     * Every suspect's reading.
     *
     * @return non-empty-list<float|null> SI; null for OL
     *
     * @throws UnknownName
     * @throws WrongInstrument for a clamp, which goes round wires
     */
    public function readings(MeterFunction $function, string $red, string $black, Conditions $conditions): array
    {
        $all = fn (): array => array_map(
            fn (int $suspect): ?float => $this->reading($suspect, $function, $red, $black, $conditions),
            array_keys($this->suspects),
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
    public function metered(int $suspect, MeterFunction $function, string $red, string $black, Conditions $conditions): MeterReading
    {
        return $this->meter->read($function, $red, $black, $this->settled($suspect, $conditions));
    }

    private function deadReading(int $suspect, MeterFunction $function, string $red, string $black, Conditions $conditions): ?float
    {
        $omega = Meter::testOmega($function);
        $network = $this->dead["$suspect@$omega ".$conditions->key()] ??= $this->deadNetwork($suspect, $conditions, $omega);
        $reading = $this->meter->readDead($function, $red, $black, $network);

        return $reading->overload ? null : $reading->value;
    }

    private function deadNetwork(int $suspect, Conditions $conditions, float $omega): Factorisation
    {
        $ran = $this->outlook($conditions->energised($this->settler->model->circuit))->states[$suspect];

        return $this->settler->dead($conditions, $this->suspects[$suspect], $this->settler->statesWhenDead($ran), $omega);
    }

    public function label(int $suspect): string
    {
        $injected = $this->suspects[$suspect]->all[0] ?? null;

        return $injected === null ? 'Nothing wrong in this circuit' : $injected->fault->label;
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
