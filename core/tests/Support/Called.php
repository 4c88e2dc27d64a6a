<?php

declare(strict_types=1);

namespace Levin\Core\Tests\Support;

use Levin\Core\Checks\Bench\Habits;
use Levin\Core\Circuit\Conditions;
use Levin\Core\Circuit\Part;
use Levin\Core\Circuit\Wire;
use Levin\Core\Meter\Clamped;
use Levin\Core\Meter\Meter;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Operation\Settled;
use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;
use Levin\Core\Record\Judging\JudgedReadings;

/** The log of a call at a unit in which something may be wrong: what is read is what a meter shows there. */
final class Called
{
    /** @var list<Event> */
    public array $log = [];

    private Conditions $conditions;

    /** @var list<string> */
    private array $faults;

    /** @var array<string, Settled> by conditions */
    private array $settled = [];

    public function __construct(private readonly Unit $unit, string ...$faults)
    {
        $this->conditions = $unit->conditions();
        $this->faults = array_values($faults);
    }

    public function set(string $name, bool $value): self
    {
        $this->conditions = $this->conditions->with($name, $value);

        return $this->noted(EventType::Condition, ['name' => $name, 'value' => $value]);
    }

    /** Everything off that cuts power. */
    public function off(): self
    {
        foreach ($this->unit->model()->circuit->conditions as $condition) {
            $condition->power && $this->conditions->isOn($condition->name) ? $this->set($condition->name, false) : null;
        }

        return $this;
    }

    public function lift(string ...$wires): self
    {
        foreach ($wires as $wire) {
            $this->conditions = $this->conditions->lifting([$wire]);
            $this->noted(EventType::Lead, ['wire' => $wire, 'lifted' => true]);
        }

        return $this;
    }

    public function land(string $wire): self
    {
        $this->conditions = $this->conditions->landing([$wire]);

        return $this->noted(EventType::Lead, ['wire' => $wire, 'lifted' => false]);
    }

    /** Every wire off a part. */
    public function strip(string $part): self
    {
        return $this->lift(...$this->wiresOf($this->unit->model()->circuit->part($part)));
    }

    /** @return list<string> */
    private function wiresOf(Part $part): array
    {
        $wires = [];
        foreach ($part->terminals as $terminal) {
            $own = $this->unit->model()->circuit->wiresAt($part->point($terminal));
            array_push($wires, ...array_map(static fn (Wire $w): string => $w->id, $own));
        }

        return array_values(array_unique($wires));
    }

    public function pull(string $part): self
    {
        $this->conditions = $this->conditions->removing([$part]);

        return $this->noted(EventType::Pulled, ['part' => $part, 'out' => true]);
    }

    public function replace(string $part): self
    {
        return $this->noted(EventType::Replaced, ['part' => $part]);
    }

    public function see(string $part, string $seen): self
    {
        return $this->noted(EventType::Observation, ['part' => $part, 'seen' => $seen]);
    }

    public function strike(int $nth): self
    {
        return $this->noted(EventType::Strike, ['event' => $this->log[$nth]->id, 'reason' => 'a slip']);
    }

    public function read(MeterFunction $function, string $red, string $black): self
    {
        $shown = (new Meter($this->unit->settler))->read($function, $red, $black, $this->settled());

        return $this->enter($function, $red, $black, $shown->value);
    }

    /** @param  float|null  $value  SI, whatever a meter would show; null for OL */
    public function enter(MeterFunction $function, string $red, string $black, ?float $value): self
    {
        return $this->noted(EventType::Reading, ['function' => $function->value, 'red' => $red, 'black' => $black, 'value' => $value]);
    }

    /** The same in volts a.c. */
    public function enterVolts(string $red, string $black, ?float $value): self
    {
        return $this->enter(MeterFunction::VoltsAc, $red, $black, $value);
    }

    public function clamp(string $wire): self
    {
        return $this->enterAmps($wire, (new Meter($this->unit->settler))->clamp([Clamped::parse($wire)], $this->settled())->value);
    }

    private function settled(): Settled
    {
        return $this->settled[$this->conditions->key()] ??= $this->unit->settle($this->conditions, $this->faults);
    }

    public function enterAmps(string $wire, ?float $value, int $turns = 1, string $moment = ''): self
    {
        $reading = ['function' => MeterFunction::Amps->value, 'red' => $wire, 'black' => '', 'turns' => $turns, 'value' => $value];

        return $this->noted(EventType::Reading, [...$reading, ...$moment === '' ? [] : ['moment' => $moment]]);
    }

    /**
     * @param  Habits  $habits  of the shop
     * @return list<Event> what the bench makes of it
     */
    public function judged(Habits $habits = new Habits): array
    {
        return (new JudgedReadings($this->unit->model(), $habits))->of($this->log);
    }

    /** @return list<string> the same in short: check, part, verdict */
    public function verdicts(): array
    {
        return array_map(
            static fn (Event $e): string => "{$e->text('check')} {$e->text('part')} {$e->text('verdict')}",
            $this->judged(),
        );
    }

    /** @param  array<string, mixed>  $data */
    public function noted(EventType $type, array $data): self
    {
        $this->log[] = new Event('e'.count($this->log), $type, $data, 10.0 * count($this->log));

        return $this;
    }
}
