<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Network\Complex;
use Levin\Core\Network\Factorisation;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\Faults;
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

    /** @var array<int, array{Factorisation, array<int, float>}> the healthy unit to direct current, by moment, where it was looked at */
    private array $direct = [];

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
        return $this->isWhole ? $this->firstThatMatters($faults) ?? $this->end() : null;
    }

    /** Whether a unit with some faults goes all of the way as the healthy one does. */
    public function isGoneWith(Faults $faults): bool
    {
        return $this->isWhole && $this->firstThatMatters($faults) === null;
    }

    public function end(): ?Moment
    {
        return $this->moments[count($this->moments) - 1] ?? null;
    }

    private function firstThatMatters(Faults $faults): ?Moment
    {
        foreach ($this->moments as $moment) {
            foreach ($faults->targets() as $id) {
                if ($this->matters($id, $faults, $moment)) {
                    return $moment;
                }
            }
        }

        return null;
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
            || isset($this->model->parts[$id]) && $this->decides($id, $healthy, $failed, $moment)
            || $moment->looking !== [] && $this->differs($id, $state, $faults, $moment) && $this->isSeenDirect($faults, $moment);
    }

    /** Whether a part that looks at direct voltages sees others with some faults, that move it. */
    private function isSeenDirect(Faults $faults, Moment $moment): bool
    {
        $direct = null;
        $now = function () use (&$direct, $moment, $faults): array {
            return $direct ??= $this->networks->direct($moment->conditions, $moment->states, $faults);
        };
        $own = new Setting($moment->conditions, [], $this->model->omega);
        foreach ($moment->looking as $id) {
            if ($this->decides($id, $own, $own, $moment, $now)) {
                return true;
            }
        }

        return false;
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

    /**
     * Whether a part moves, starts a timer, warms or is seen otherwise than a healthy one does.
     *
     * @param  (\Closure(): array{Factorisation, array<int, float>})|null  $direct  to direct current; without it as a healthy unit is
     */
    private function decides(string $id, Setting $healthy, Setting $failed, Moment $moment, ?\Closure $direct = null): bool
    {
        $part = $this->model->parts[$id];
        $state = $moment->states[$id] ?? '';
        $usual = new PartVoltages($this->model, $part, $moment->volts, fn (): array => $this->direct[spl_object_id($moment)]
            ??= $this->networks->direct($moment->conditions, $moment->states, Faults::none()));
        $now = $direct === null ? $usual : new PartVoltages($this->model, $part, $moment->volts, $direct);

        return isset($this->model->acting[$id])
                && $part->nextState($state, $failed, $now) !== $part->nextState($state, $healthy, $usual)
            || $moment->isRest && isset($this->model->timed[$id])
                && $part->pending($state, $failed, $now) != $part->pending($state, $healthy, $usual)
            || $moment->isRest && ($part->drift($state, $failed, $now) != $part->drift($state, $healthy, $usual)
                || $part->wear($state, $failed, $now) != $part->wear($state, $healthy, $usual))
            || $part->observed($state, $failed, $now) !== $part->observed($state, $healthy, $usual);
    }
}
