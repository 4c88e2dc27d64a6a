<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Network\Complex;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\Faults;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Shape;

/**
 * How a healthy unit comes to rest, moment by moment. A unit with a fault goes the same way up to the moment at which the fault first
 * changes anything that a part could act on, and need not be worked out until then.
 */
final class Trail
{
    /** A fault that adds or takes less than this is none yet: it moves no relay, lights no input. Amperes. */
    private const NOTHING = 1e-4;

    /** @var list<Moment> */
    private array $moments = [];

    private bool $isWhole = true;

    public function __construct(private readonly Model $model, private readonly Networks $networks)
    {
    }

    public function add(Moment $moment): void
    {
        $this->moments[] = $moment;
    }

    /** It went round: what comes after cannot be told from here. */
    public function lose(): void
    {
        $this->isWhole = false;
    }

    /** The moment from which a unit with some faults has to be worked out, the last when they change nothing; none when it was lost. */
    public function parting(Faults $faults): ?Moment
    {
        $moments = $this->isWhole ? $this->moments : [];
        foreach ($moments as $moment) {
            foreach ($faults->targets() as $id) {
                if ($this->matters($id, $faults, $moment)) {
                    return $moment;
                }
            }
        }

        return $moments[count($moments) - 1] ?? null;
    }

    /**
     * Where it stood still on the way to a moment, each with how long and how the quantities were in the end.
     *
     * @return list<array{Moment, float, array<string, float>}> moments, seconds, and numbers by name
     */
    public function restsBefore(Moment $end): array
    {
        $rests = [];
        $last = null;
        foreach ($this->moments as $moment) {
            if ($last !== null) {
                $rests[] = [$last, $moment->time - $last->time, $moment->conditions->numbers()];
            }
            $last = $moment->isRest ? $moment : null;
            if ($moment === $end) {
                break;
            }
        }

        return $rests;
    }

    private function matters(string $id, Faults $faults, Moment $moment): bool
    {
        if ($moment->conditions->hasRemoved($id)) {
            return false;
        }
        $state = $moment->states[$id] ?? '';
        $healthy = new Setting($moment->conditions, [], $this->model->omega);
        $failed = new Setting($moment->conditions, $faults->in($id), $this->model->omega);

        return $this->shows($id, $state, $healthy, $failed, $moment)
            || $moment->looksDirect && $this->differs($id, $state, $faults, $moment)
            || isset($this->model->parts[$id]) && $this->decides($this->model->parts[$id], $state, $healthy, $failed, $moment);
    }

    /** Whether other currents flow in its elements than in healthy ones, at the volts that are there. */
    private function shows(string $id, string $state, Setting $healthy, Setting $failed, Moment $moment): bool
    {
        $component = $this->model->component($id);
        $other = $component->elements($state, $failed);
        $volts = null;
        foreach ($component->elements($state, $healthy) as $n => $element) {
            $values = $other[$n]->values;
            if ($values === $element->values) {
                continue;
            }
            if ($element->shape === Shape::Source) {
                return true;
            }
            $volts ??= new PartVoltages($this->model, $component, $moment->volts);
            if (self::amps($element, $values, $volts) > self::NOTHING) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<float>  $values  in the place of its own */
    private static function amps(Element $element, array $values, PartVoltages $volts): float
    {
        $ports = array_chunk($element->nodes, 2);
        $over = array_map(static fn (array $port): Complex => $volts->across(...$port), $ports);
        $most = 0.0;
        foreach (array_keys($ports) as $i) {
            $current = new Complex(0);
            foreach ($over as $j => $across) {
                $at = 2 * ($i * count($ports) + $j);
                $more = new Complex($values[$at] - $element->values[$at], $values[$at + 1] - $element->values[$at + 1]);
                $current = $current->plus($more->times($across));
            }
            $most = max($most, $current->abs());
        }

        return $most;
    }

    /** Whether it is worth something else to direct current. */
    private function differs(string $id, string $state, Faults $faults, Moment $moment): bool
    {
        return $this->model->values($id, $state, [], $moment->conditions, 0.0)
            !== $this->model->values($id, $state, $faults->in($id), $moment->conditions, 0.0);
    }

    /** Whether the part itself moves, starts a timer or is seen otherwise. */
    private function decides(Kind $part, string $state, Setting $healthy, Setting $failed, Moment $moment): bool
    {
        $id = $part->id;
        $volts = new PartVoltages($this->model, $part, $moment->volts, fn (): array => $this->networks->direct(
            $moment->conditions,
            $moment->states,
            Faults::none(),
        ));
        if (isset($this->model->acting[$id]) && $part->nextState($state, $failed, $volts) !== $part->nextState($state, $healthy, $volts)) {
            return true;
        }
        if ($moment->isRest && isset($this->model->timed[$id])
            && $part->pending($state, $failed, $volts) != $part->pending($state, $healthy, $volts)) {
            return true;
        }
        if ($moment->isRest && $this->goesElsewhere($part, $state, $healthy, $failed, $volts)) {
            return true;
        }

        return $part->observed($state, $failed, $volts) !== $part->observed($state, $healthy, $volts);
    }

    /** Whether its heat, its run time or its wear moves otherwise. */
    private function goesElsewhere(Kind $part, string $state, Setting $healthy, Setting $failed, PartVoltages $volts): bool
    {
        return $part->drift($state, $failed, $volts) != $part->drift($state, $healthy, $volts)
            || $part->wear($state, $failed, $volts) != $part->wear($state, $healthy, $volts);
    }
}
