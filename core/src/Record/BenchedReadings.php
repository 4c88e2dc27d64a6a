<?php

declare(strict_types=1);

namespace Levin\Core\Record;

use Levin\Core\Checks\Bench\Kept;
use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\Conditions;
use Levin\Core\Circuit\Part;
use Levin\Core\Circuit\Wire;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Operation\Model;

/**
 * Readings of parts whose wires are off, as the checks of the bench judge them. What still hangs on the circuit is not judged: the meter
 * reads the rest of it as well.
 */
final readonly class BenchedReadings
{
    public function __construct(private Model $model)
    {
    }

    /**
     * @param  list<Event>  $log  of a call
     * @return list<Event> a judged one for each reading that can be, with its id and time
     */
    public function of(array $log): array
    {
        $course = new CallCourse($this->model->circuit);
        $judged = [];
        foreach ($log as $event) {
            $course->take($event);
            $function = $event->type === EventType::Reading ? MeterFunction::tryFrom($event->text('function')) : null;
            array_push($judged, ...match ($function) {
                MeterFunction::Capacitance => $this->capacitor($event, $course->conditions),
                MeterFunction::Megohms => $this->insulation($event, $course->conditions),
                default => [],
            });
        }

        return $judged;
    }

    /** @return list<Event> one, or none where it is no reading of a capacitor by itself */
    private function capacitor(Event $event, Conditions $conditions): array
    {
        [$red, $black] = [$event->text('red'), $event->text('black')];
        $part = $this->model->circuit->partAt($red);
        if ($part !== $this->model->circuit->partAt($black) || ! ($this->isOff($red, $conditions) || $this->isOff($black, $conditions))) {
            return [];
        }
        $marked = $this->model->parts[$part->id]->markedFarads(self::terminal($red), self::terminal($black));

        return $marked === null ? [] : [self::judged($event, $part, 'capacitor', [
            'marked' => sprintf('%.6g µF', 1e6 * $marked),
            'read' => self::shown($event, 1e6, 'µF'),
        ])];
    }

    /** @return list<Event> one, or none where it is not of a compressor whose leads are all off */
    private function insulation(Event $event, Conditions $conditions): array
    {
        foreach ([[$event->text('red'), $event->text('black')], [$event->text('black'), $event->text('red')]] as [$lead, $metal]) {
            $part = $this->model->circuit->partAt($lead);
            if ($metal !== $part->case || ! $this->model->parts[$part->id]->isHermetic()) {
                continue;
            }
            $on = array_filter($part->terminals, fn (string $t): bool => ! $this->isOff($part->point($t), $conditions));

            return $on === [] ? [self::judged($event, $part, 'insulation', ['read' => self::shown($event, 1e-6, 'MΩ')])] : [];
        }

        return [];
    }

    /** Whether no wire is on a point any more. */
    private function isOff(string $point, Conditions $conditions): bool
    {
        return array_filter(
            $this->model->circuit->wiresAt($point),
            static fn (Wire $wire): bool => ! $conditions->hasLifted($wire->id),
        ) === [];
    }

    private static function terminal(string $point): string
    {
        return substr($point, (int) strrpos($point, '.') + 1);
    }

    /** As it is typed for a check. */
    private static function shown(Event $event, float $times, string $unit): string
    {
        $value = $event->number('value');

        return $value === null ? 'OL' : sprintf('%.6g %s', $times * $value, $unit);
    }

    /** @param  array<string, string>  $given */
    private static function judged(Event $event, Part $part, string $check, array $given): Event
    {
        $kept = Kept::of($check, $given, []);

        return new Event($event->id, EventType::Judged, ['part' => $part->id, 'label' => $part->label, ...$kept->data()], $event->at);
    }
}
