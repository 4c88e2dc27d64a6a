<?php

declare(strict_types=1);

namespace Levin\Core\Tests\Support;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\Conditions;
use Levin\Core\Diagnosis\Investigation;
use Levin\Core\Diagnosis\MemoryOutlooks;
use Levin\Core\File\CircuitReader;
use Levin\Core\Interchange\ScriptReader;
use Levin\Core\Meter\Clamped;
use Levin\Core\Meter\Meter;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Meter\MeterReading;
use Levin\Core\Operation\Model;
use Levin\Core\Operation\Run;
use Levin\Core\Operation\Runner;
use Levin\Core\Operation\Settled;
use Levin\Core\Operation\Settler;

/** A circuit on the bench: settle it, put a meter on it. */
final class Unit
{
    public const COOLING = __DIR__.'/../../../circuits/split-cooling.yaml';

    /** @var array<string, self> */
    private static array $shipped = [];

    private function __construct(public readonly Settler $settler)
    {
    }

    /** The shipped cooling unit, read once. */
    public static function cooling(): self
    {
        return self::shipped('split-cooling');
    }

    /** A shipped circuit, read once. */
    public static function shipped(string $id): self
    {
        return self::$shipped[$id] ??= new self(new Settler(new Model(CircuitReader::fromFile(dirname(self::COOLING)."/$id.yaml"))));
    }

    /** @return list<string> */
    public static function everyShipped(): array
    {
        return array_map(static fn (string $file): string => basename($file, '.yaml'), glob(dirname(self::COOLING).'/*.yaml') ?: []);
    }

    /** The same circuit changed: jumpered, miswired, with a wrong part. */
    public static function of(Circuit $circuit): self
    {
        return new self(new Settler(new Model($circuit)));
    }

    public static function fromText(string $yaml): self
    {
        return new self(new Settler(new Model(CircuitReader::fromText($yaml, 'test.yaml'))));
    }

    public function model(): Model
    {
        return $this->settler->model;
    }

    /** @param  array<string, bool|int|float>  $changes */
    public function conditions(array $changes = []): Conditions
    {
        $conditions = Conditions::healthyDefaults($this->model()->circuit);
        foreach ($changes as $name => $value) {
            $conditions = is_bool($value) ? $conditions->with($name, $value) : $conditions->withNumbers([$name => (float) $value]);
        }

        return $conditions;
    }

    public function off(): Conditions
    {
        return Conditions::poweredDown($this->model()->circuit, $this->conditions());
    }

    public function with(string ...$faults): Settled
    {
        return $this->settle($this->conditions(), array_values($faults));
    }

    /**
     * @param  list<string>  $faults
     * @param  array<string, string>  $before  part states
     */
    public function settle(Conditions $conditions, array $faults = [], array $before = []): Settled
    {
        return $this->settler->settle($conditions, $this->model()->faults->parseAll($faults), $before);
    }

    public function read(MeterFunction $function, string $red, string $black, ?Settled $on = null): MeterReading
    {
        return (new Meter($this->settler))->read($function, $red, $black, $on ?? $this->with());
    }

    /** What a careful hand reads: on a dead circuit, with whatever holds a charge discharged first. */
    public function taken(MeterFunction $function, string $red, string $black, Settled $on): ?float
    {
        $meter = new Meter($this->settler);
        $reading = $function->isDeadTest()
            ? $meter->readDead($function, $red, $black, $this->settler->dead(
                $on->conditions, $on->faults, $on->states, Meter::testOmega($function),
            ))
            : $meter->read($function, $red, $black, $on);

        return $reading->overload ? null : $reading->value;
    }

    public function volts(string $red, string $black, ?Settled $on = null): float
    {
        return $this->read(MeterFunction::VoltsAc, $red, $black, $on)->exact ?? NAN;
    }

    public function investigation(): Investigation
    {
        return new Investigation($this->settler, new MemoryOutlooks);
    }

    /**
     * Through time.
     *
     * @param  list<string>  $faults
     * @param  list<string>  $when
     */
    public function run(string $script, array $faults = [], array $when = []): Run
    {
        return Runner::run($this->model()->circuit, ScriptReader::fromText($script, 'script.yaml'), $when, $faults);
    }

    /** @param  non-empty-list<string>  $wires  see Clamped */
    public function amps(array $wires, ?Settled $on = null, int $turns = 1): float
    {
        return (new Meter($this->settler))->clamp(array_map(Clamped::parse(...), $wires), $on ?? $this->with(), $turns)->exact ?? NAN;
    }
}
