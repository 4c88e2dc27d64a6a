<?php

declare(strict_types=1);

namespace Levin\Core\Record\Judging;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Circuit\Part;
use Levin\Core\Circuit\Wire;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Operation\Energy;
use Levin\Core\Operation\Model;
use Levin\Core\Operation\Settler;
use Levin\Core\Parts\Faults;
use Levin\Core\Parts\Kind;
use Levin\Core\Record\CallCourse;
use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;
use Levin\Core\Record\Fitted;

/** What a call has read while the unit stood as it does now: nothing was switched, lifted, landed or replaced in between. */
final class SoFar
{
    public const VOLTS = [MeterFunction::VoltsAc, MeterFunction::VoltsAcLowZ];

    /** Stands for any point that is earthed. */
    private const EARTH = 'earth';

    private readonly CallCourse $course;

    /** @var array<string, Event> the last of each, since the unit stands as it does, by what was read, seen or measured */
    private array $last = [];

    /** @var array<string, true> points that are earthed */
    private array $earthed;

    /** @var list<string>|null points that are live as soon as power is on, whatever is called */
    private ?array $line = null;

    /** @param  array<string, true>  $struck  ids of events that do not count */
    public function __construct(private Model $model, private readonly array $struck)
    {
        $this->course = new CallCourse($model->circuit, $struck);
        $earthed = [...$model->circuit->references['ground'], ...array_column($model->circuit->parts, 'case')];
        $this->earthed = array_fill_keys($earthed, true);
    }

    /** As it is with what was fitted so far. */
    public function model(): Model
    {
        return $this->model;
    }

    public function take(Event $event): void
    {
        $this->model = isset($this->struck[$event->id]) ? $this->model : Fitted::one($this->model, $event);
        $stood = $this->conditions()->key();
        $this->course->take($event);
        if ($event->type === EventType::Replaced || $this->conditions()->key() !== $stood) {
            $this->last = [];
        }
        foreach (isset($this->struck[$event->id]) ? [] : $this->keys($event) as $key) {
            $this->last[$key] = $event;
        }
    }

    /** @return list<string> under which an event is found again */
    private function keys(Event $event): array
    {
        [$red, $black] = [$event->text('red'), $event->text('black')];

        return match ($event->type) {
            EventType::Observation => ["seen {$event->text('part')}"],
            EventType::Measured => ["measured {$event->text('quantity')}"],
            EventType::Reading => [
                self::reading($event->text('function'), $red, $black),
                ...isset($this->earthed[$black]) ? [self::reading($event->text('function'), $red, self::EARTH)] : [],
                ...isset($this->earthed[$red]) ? [self::reading($event->text('function'), $black, self::EARTH)] : [],
            ],
            default => [],
        };
    }

    private static function reading(string $function, string $one, string $other): string
    {
        return $function.' '.min($one, $other).' '.max($one, $other);
    }

    public function conditions(): Conditions
    {
        return $this->course->conditions;
    }

    public function isEnergised(): bool
    {
        return $this->conditions()->isEnergised($this->model->circuit);
    }

    /** The part that both of a reading's points are on; null where they are on two, or it was read with another function. */
    public function partOf(Event $reading, MeterFunction ...$with): ?Kind
    {
        if (! in_array(MeterFunction::tryFrom($reading->text('function')), $with, true)) {
            return null;
        }
        $part = $this->model->circuit->partAt($reading->text('red'));

        return $part === $this->model->circuit->partAt($reading->text('black')) ? $this->model->parts[$part->id] : null;
    }

    /** The last reading with a function between two points, either way round; null where there is none. */
    public function between(MeterFunction $function, string $one, string $other): ?Event
    {
        return $this->last[self::reading($function->value, $one, $other)] ?? null;
    }

    /** The last volts a.c. between two points, on either input of the meter. */
    public function volts(string $one, string $other): ?Event
    {
        return $this->between(MeterFunction::VoltsAc, $one, $other) ?? $this->between(MeterFunction::VoltsAcLowZ, $one, $other);
    }

    /** The last volts a.c. from a point to any that is earthed. */
    public function toEarth(string $point): ?Event
    {
        return $this->volts($point, self::EARTH);
    }

    /** @return list<Kind> the parts that a reading's points are on, or that its wire goes to */
    public function kindsAt(Event $reading): array
    {
        if ($reading->type !== EventType::Reading) {
            return [];
        }
        $circuit = $this->model->circuit;
        $ends = [$reading->text('red'), $reading->text('black')];
        if (MeterFunction::from($reading->text('function'))->goesOnWires()) {
            $wire = $circuit->wires[$ends[0]] ?? null;
            $ends = $wire === null ? [] : [$wire->from, $wire->to];
        }

        return array_map(fn (string $end): Kind => $this->model->parts[$circuit->partAt($end)->id], $ends);
    }

    /** The last amperes of all that goes through a point: of two wires on one screw neither has it. */
    public function ampsAt(string $point): ?Event
    {
        $wires = $this->model->circuit->wiresAt($point);

        return count($wires) === 1 ? $this->amps($wires[0]->id) : null;
    }

    /** The last amperes round one wire alone. */
    public function amps(string $wire): ?Event
    {
        return $this->between(MeterFunction::Amps, $wire, '');
    }

    /** Amperes of a reading that may have been taken with several turns through the jaw. */
    public static function throughOneTurn(Event $amps): float
    {
        return ($amps->number('value') ?? 0.0) / ($amps->number('turns') ?? 1.0);
    }

    /** What was last seen of a part; nothing where nobody looked. */
    public function seen(string $part): string
    {
        return ($this->last["seen $part"] ?? null)?->text('seen') ?? '';
    }

    /** The last that was measured of a quantity, in its unit. */
    public function measured(string $quantity): ?float
    {
        return ($this->last["measured $quantity"] ?? null)?->number('value');
    }

    /** Whether nothing is on a point any more: its wires lifted, or gone with the plug that they end in. */
    public function isOff(string $point): bool
    {
        return array_filter($this->model->circuit->wiresAt($point), fn (Wire $wire): bool => ! $this->conditions()->hasLifted($wire->id)
            && ! $this->isPulled($wire->from === $point ? $wire->to : $wire->from)) === [];
    }

    /** Whether a reading was taken between two terminals of a part with nothing on one of them any more. */
    public function isOffAcross(Event $reading, Part $part, string $one, string $other): bool
    {
        $ends = [$part->point($one), $part->point($other)];

        return array_diff($ends, [$reading->text('red'), $reading->text('black')]) === [] && array_filter($ends, $this->isOff(...)) !== [];
    }

    /** Whether all of a part's terminals are off. */
    public function isAllOff(Part $part): bool
    {
        return array_filter($part->terminals, fn (string $t): bool => ! $this->isOff($part->point($t))) === [];
    }

    /** Whether a point is on a plug that is out, with one wire on it: what that wire goes to hangs on nothing else. */
    private function isPulled(string $point): bool
    {
        $part = $this->model->circuit->partAt($point);

        return $this->conditions()->hasRemoved($part->id) && count($this->model->circuit->wiresAt($point)) === 1;
    }

    /**
     * Whether points are live in a healthy unit as soon as power is on, with nothing called.
     *
     * @param  array<string>  $points
     */
    public function areOfTheLine(array $points): bool
    {
        return array_diff($points, $this->line ??= $this->line()) === [];
    }

    /** @return list<string> */
    private function line(): array
    {
        $usual = Conditions::healthyDefaults($this->model->circuit);
        foreach ($this->model->circuit->conditions as $condition) {
            $usual = $condition->call ? $usual->with($condition->name, false) : $usual;
        }
        $energy = Energy::ofPoints(Settler::of($this->model)->settle($usual, Faults::none()));

        return array_keys(array_filter($energy, static fn (Energy $e): bool => $e === Energy::Live));
    }
}
