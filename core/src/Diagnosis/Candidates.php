<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Circuit\Wire;
use Levin\Core\Meter\Clamped;
use Levin\Core\Meter\Meter;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Operation\Model;
use Levin\Core\Operation\Settled;
use Levin\Core\Operation\Settler;
use Levin\Core\Parts\Faults;
use Levin\Core\Parts\Sign;

/**
 * Every test that makes sense on a circuit: look at what can be seen, volts across each part and from each point to the usual
 * references, and with the circuit dead each part by itself with a lead lifted.
 *
 * Minutes and risks are [practice, no published source]; the minutes of a place are the circuit file's.
 */
final readonly class Candidates
{
    private const LOOK = 0.3;

    private const PROBE = 0.5;

    /** The meter to another function, its leads where they are. */
    private const SWITCH_OVER = 0.1;

    /** Hoses or a probe on, a minute to come to rest, off again. */
    private const GAUGE = 4.0;

    private const LIFT = 1.0;

    private const LAND = 0.5;

    /** Switch off, lock out, prove dead. */
    private const MAKE_DEAD = 3.0;

    /** Off before it is switched on again to be watched: overloads and pressures have their time. Minutes. [practice] */
    public const STANDS_OFF = 3.0;

    /** Energising a unit that is off: close up, warn, switch on. Minutes. [practice, no published source] */
    public const ENERGISE = 1.5;

    /** Another call at the thermostat, and until the unit has done what it does about it. Minutes. [practice, no published source] */
    public const CALL = 3.0;

    private const RISK_LINE = 1.5;

    /** Shock boundaries start here: NFPA 70E (from memory). */
    private const LINE_VOLTS = 50.0;

    /** What stray capacitance leaves on a dead circuit is less. [practice, no published source] */
    private const DEAD_VOLTS = 1.0;

    private Model $model;

    public function __construct(private Settler $settler)
    {
        $this->model = $settler->model;
    }

    /**
     * @param  string|null  $place  where the technician is now
     * @return list<Candidate>
     */
    public function looking(Occasion $when, ?string $place): array
    {
        $list = [];
        foreach ($this->model->parts as $id => $component) {
            if ($component->observables() !== []) {
                $way = $this->reach([$component->part->place], $place) / 2;
                $list[] = new Candidate(new Look($id), $when, [], self::LOOK + $way, 1.0, $way);
            }
        }

        return $list;
    }

    /**
     * @param  Scene  $scene  of a healthy unit then, for the risk
     * @param  Scene  $running  with the unit running, for which points belong to the line side
     * @return list<Candidate>
     */
    public function live(Occasion $when, ?string $place, Scene $scene, Scene $running): array
    {
        $list = [];
        foreach ($this->livePairs($running) as [$red, $black]) {
            $volts = max($this->voltsToEarth($scene, $red), $this->voltsToEarth($scene, $black));
            $way = $this->reachPoints($red, $black, $place);
            $risk = $volts > self::LINE_VOLTS ? self::RISK_LINE : 1.0;
            $function = isset($this->model->direct[$red]) ? MeterFunction::VoltsDc : MeterFunction::VoltsAc;
            $list[] = new Candidate(new Probe($function, $red, $black), $when, [], self::PROBE + $way, $risk, $way);
        }

        foreach ($this->model->parts as $component) {
            foreach (array_slice($component->demand()->terminals ?? [], 0, 1) as $terminal) {
                foreach (array_slice($this->model->circuit->wiresAt($component->part->point($terminal)), 0, 1) as $wire) {
                    $way = $this->reach([$component->part->place], $place);
                    $list[] = new Candidate(new Clamp([new Clamped($wire->id)]), $when, [], self::PROBE + $way, 1.0, $way);
                }
            }
        }

        return $list;
    }

    /**
     * Volts once more, on a low impedance, which leaves nothing of a ghost.
     *
     * @param  bool  $isThere  whether the leads are on its points
     */
    public function lowered(Probe $test, Occasion $when, ?string $place, bool $isThere): Candidate
    {
        $way = $isThere ? 0.0 : $this->reachPoints($test->red, $test->black, $place);
        $minutes = $isThere ? self::SWITCH_OVER : self::PROBE + $way;

        return new Candidate($test->on(MeterFunction::VoltsAcLowZ), $when, [], $minutes, self::RISK_LINE, $way);
    }

    /**
     * Switched off, switched on again, and watched as it starts, with eyes or with the meter clipped on.
     *
     * @param  Scene  $running  with the unit running, for which points belong to the line side
     * @param  list<string>  $doubted  parts and wires; over a contact volts count while it is pulled in
     * @return list<Candidate>
     */
    public function watching(Conditions $calling, ?string $place, Scene $running, array $doubted): array
    {
        $when = new Occasion($calling, 0.0);
        $wait = self::STANDS_OFF + self::ENERGISE + Noting::SECONDS / 60;
        $list = [];
        foreach ($this->model->parts as $id => $component) {
            if ($component->observables() !== []) {
                $list[] = new Candidate(new Watch($id), $when, [], $wait + $this->reach([$component->part->place], $place), 1.0);
            }
        }
        foreach (array_intersect_key($this->model->circuit->wires, array_flip($doubted)) as $wire) {
            if (isset($this->model->direct[$wire->from])) {
                $minutes = $wait + self::PROBE + $this->reachPoints($wire->from, $wire->to, $place);
                $list[] = new Candidate(new PilotVolts($wire->from, $wire->to), $when, [], $minutes, 1.0);
            }
        }
        foreach ($this->model->parts as $id => $component) {
            $isMetered = $component->isLoad() || in_array($id, $doubted, true) && $component->observables() !== [];
            foreach ($isMetered ? $component->probePairs() : [] as [$a, $b]) {
                [$red, $black] = [$component->part->point($a), $component->part->point($b)];
                $isLine = max($this->voltsToEarth($running, $red), $this->voltsToEarth($running, $black)) > self::LINE_VOLTS;
                $minutes = $wait + self::PROBE + $this->reachPoints($red, $black, $place);
                $most = isset($this->model->direct[$red]) ? new PilotVolts($red, $black) : new Peak($red, $black);
                $list[] = new Candidate($most, $when, [], $minutes, $isLine ? self::RISK_LINE : 1.0);
            }
            foreach ($component->isFlameRod() ? $this->model->circuit->wiresAt($component->part->point('S')) : [] as $wire) {
                $minutes = $wait + self::LIFT + self::LAND + $this->reach([$component->part->place], $place);
                $list[] = new Candidate(new FlameCurrent($wire->id), $when, [], $minutes, 1.0);
            }
        }

        return $list;
    }

    /**
     * A part tested by itself on a dead circuit.
     *
     * @param  string  $target  part or wire
     * @param  Conditions  $off  with the power off, and the leads lifted that are lifted now
     * @param  bool  $isDead  whether it is proved dead already
     * @param  Settled  $left  how a healthy unit stands then: what no switch kills stays live
     * @param  float|null  $after  seconds since power was cut, for what has to cool first
     * @param  list<array<string, string>>  $likely  how its parts may well stand, whatever is wrong with it; none as a healthy unit's do
     * @return list<Candidate>
     */
    public function dead(
        string $target,
        Conditions $off,
        bool $isDead,
        ?string $place,
        Settled $left,
        ?float $after = null,
        array $likely = [],
    ): array {
        $list = $after === null ? $this->byHand($target, $off, $isDead, $place) : [];
        foreach ($this->deadPairs($target) as [$function, $red, $black, $lift]) {
            if (max($left->at($red)->abs(), $left->at($black)->abs()) > self::DEAD_VOLTS) {
                continue;
            }
            $when = new Occasion($off->landing($off->lifted)->lifting($lift), $after);
            if ($this->isSpoiled($red, $black, $when->conditions, $likely === [] ? [$left->states] : $likely)) {
                continue;
            }
            $more = array_values(array_diff($lift, $off->lifted));
            $way = ($isDead ? 0.0 : self::MAKE_DEAD) + $this->reachPoints($red, $black, $place);
            $minutes = self::PROBE + self::LIFT * count($more) + self::LAND * count(array_diff($off->lifted, $lift));
            $list[] = new Candidate(new Probe($function, $red, $black), $when, $more, $minutes + $way, 1.0, $way);
        }

        return $list;
    }

    /**
     * Whether direct current that no switch cuts would be read in place of ohms.
     *
     * @param  list<array<string, string>>  $likely  states of its parts
     */
    private function isSpoiled(string $red, string $black, Conditions $conditions, array $likely): bool
    {
        foreach (isset($this->model->direct[$red], $this->model->direct[$black]) ? $likely : [] as $states) {
            [, $volts] = $this->settler->networks->direct($conditions, $states, Faults::none());
            if (abs(($volts[$this->model->node($red)] ?? 0.0) - ($volts[$this->model->node($black)] ?? 0.0)) > Meter::SPOILS_DIRECT) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Candidate> a shaft is turned with its power locked out */
    private function byHand(string $target, Conditions $off, bool $isDead, ?string $place): array
    {
        $part = $this->model->parts[$target] ?? null;
        if ($part?->hasShaft() !== true) {
            return [];
        }
        $way = ($isDead ? 0.0 : self::MAKE_DEAD) + $this->reach([$part->part->place], $place);
        $minutes = self::PROBE + self::LAND * count($off->lifted) + $way;
        $landed = new Occasion($off->landing($off->lifted));

        return [new Candidate(new Feel($target, Sign::TurnsFreely), $landed, [], $minutes, 1.0, $way)];
    }

    /**
     * Instruments on the world the unit works in.
     *
     * @param  list<string>  $quantities
     * @return list<Candidate>
     */
    public function gauges(array $quantities, Occasion $when, ?string $place): array
    {
        return array_map(function (string $quantity) use ($when, $place): Candidate {
            $test = new Gauge($quantity);
            $way = $this->reach([$test->place($this->model->circuit)], $place);

            return new Candidate($test, $when, [], self::GAUGE + $way, 1.0, $way);
        }, $quantities);
    }

    /**
     * Across each part, and from each point to the references of its own zone and of ground.
     *
     * @return list<array{0: string, 1: string}>
     */
    private function livePairs(Scene $scene): array
    {
        $pairs = [];
        $add = static function (string $a, string $b) use (&$pairs): void {
            if ($a !== $b) {
                $pairs[strcmp($a, $b) < 0 ? "$a $b" : "$b $a"] ??= [$a, $b];
            }
        };
        foreach ($this->model->parts as $component) {
            foreach ($component->probePairs() as [$a, $b]) {
                $add($component->part->point($a), $component->part->point($b));
            }
        }
        $references = $this->model->circuit->references;
        foreach ($this->model->circuit->points() as $point) {
            if (isset($this->model->direct[$point])) {
                $add($point, $this->model->direct[$point]);

                continue;
            }
            $zone = $this->voltsToEarth($scene, $point) > self::LINE_VOLTS ? 'line' : 'control';
            foreach ([...$references[$zone], ...$references['ground']] as $reference) {
                $add($point, $reference);
            }
        }

        return array_values($pairs);
    }

    /** @return list<array{0: MeterFunction, 1: string, 2: string, 3: list<string>}> function, points, wires to lift */
    private function deadPairs(string $target): array
    {
        $wire = $this->model->circuit->wires[$target] ?? null;
        if ($wire !== null) {
            // to ground from either end, whole and parted
            return [
                [MeterFunction::Ohms, $wire->from, $wire->case, []],
                [MeterFunction::Ohms, $wire->from, $wire->case, [$wire->id]],
                [MeterFunction::Ohms, $wire->to, $wire->case, [$wire->id]],
            ];
        }
        $component = $this->model->parts[$target];
        $part = $component->part;
        $pairs = [];
        $capacitors = $component->capacitorPairs();
        foreach ($capacitors as [$a, $b]) {
            $pairs[] = [
                MeterFunction::Capacitance,
                $part->point($a),
                $part->point($b),
                $this->toIsolate($part->point($a), $part->point($b)),
            ];
        }
        foreach ($component->probePairs() as [$a, $b]) {
            if (! in_array([$a, $b], $capacitors, true)) {
                $pairs[] = [MeterFunction::Ohms, $part->point($a), $part->point($b), $this->toIsolate($part->point($a), $part->point($b))];
            }
        }
        foreach ($component->faults() as $mode) {
            if ($mode->id === 'grounded') {
                $lift = array_merge(...array_map(fn (string $t): array => $this->wireIds($part->point($t)), $part->terminals));
                $pairs[] = [MeterFunction::Ohms, $part->point($part->terminals[0]), $part->case, array_values(array_unique($lift))];
            }
        }

        return $pairs;
    }

    /** @return list<string> the wires on whichever of two points has fewer */
    private function toIsolate(string $a, string $b): array
    {
        [$atA, $atB] = [$this->wireIds($a), $this->wireIds($b)];

        return count($atA) < count($atB) ? $atA : $atB;
    }

    /** @return list<string> */
    private function wireIds(string $point): array
    {
        return array_map(static fn (Wire $w): string => $w->id, $this->model->circuit->wiresAt($point));
    }

    private function voltsToEarth(Scene $scene, string $point): float
    {
        $node = $this->model->node($point);

        return $node < 0 ? 0.0 : $scene->toEarth($node);
    }

    private function reachPoints(string $red, string $black, ?string $place): float
    {
        return $this->reach([$this->model->circuit->partAt($red)->place, $this->model->circuit->partAt($black)->place], $place);
    }

    /**
     * Minutes to get there; two points in different places need both opened, and a long lead.
     *
     * @param  list<string>  $places
     */
    private function reach(array $places, ?string $from): float
    {
        $minutes = 0.0;
        foreach (array_unique($places) as $place) {
            $minutes += $place === $from ? 0.0 : $this->model->circuit->places[$place]->minutes;
        }

        return $minutes;
    }
}
