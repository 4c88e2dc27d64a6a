<?php

declare(strict_types=1);

namespace Levin\Core\Tests\Support;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\Conditions;
use Levin\Core\Diagnosis\Investigation;
use Levin\Core\Diagnosis\Leaning;
use Levin\Core\Diagnosis\MemoryOutlooks;
use Levin\Core\Diagnosis\Predictor;
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
use Levin\Core\Trial\Dice;
use Levin\Core\Trial\FollowsAdvice;
use Levin\Core\Trial\Luck;
use Levin\Core\Trial\Outcome;
use Levin\Core\Trial\Sort;
use Levin\Core\Trial\Trial;
use Levin\Core\Trial\Truth;

/** A circuit on the bench: settle it, put a meter on it. */
final class Unit
{
    public const COOLING = __DIR__.'/../../../circuits/split-cooling.yaml';

    /** @var array<string, self> */
    private static array $shipped = [];

    private ?MemoryOutlooks $outlooks = null;

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

    public function volts(string $red, string $black, ?Settled $on = null): float
    {
        return $this->read(MeterFunction::VoltsAc, $red, $black, $on)->exact ?? NAN;
    }

    public function investigation(): Investigation
    {
        return new Investigation(Predictor::of($this->settler, $this->outlooks ??= new MemoryOutlooks));
    }

    /** A fault is hidden in it, and the advice followed to its end. */
    public function tried(string $fault, Luck $luck = new Luck, Leaning $leaning = new Leaning): Outcome
    {
        $trial = new Trial($this->settler, $this->investigation(), new FollowsAdvice, $luck, static fn (): float => 0.0, leaning: $leaning);

        return $trial->of(new Truth(Sort::Single, $this->model()->faults->parseAll([$fault]), 1.0), new Dice(crc32($fault)));
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
