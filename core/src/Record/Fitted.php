<?php

declare(strict_types=1);

namespace Levin\Core\Record;

use Levin\Core\Operation\Model;

/** What has been fitted to a unit, and the unit with it in. */
final class Fitted
{
    /**
     * @param  list<Event>  $log  that counts, in order
     * @return Model with the plates of the parts that it has fitted
     */
    public static function in(Model $model, array $log): Model
    {
        return array_reduce($log, self::one(...), $model);
    }

    /** The same with what one event has fitted; the model itself where it fits nothing that has another plate. */
    public static function one(Model $model, Event $event): Model
    {
        $plate = self::plate($event);
        $part = $model->circuit->parts[$event->text('part')] ?? null;

        return $plate === [] || $part === null || [...$part->plate, ...$plate] == $part->plate
            ? $model
            : new Model($model->circuit->fitting($part->withPlate($plate)));
    }

    /** @return array<string, float|string> of what an event fits, in the units of the fields */
    public static function plate(Event $event): array
    {
        $plate = [];
        foreach ($event->type === EventType::Replaced ? (array) ($event->data['plate'] ?? []) : [] as $field => $value) {
            if (is_string($value) || is_int($value) || is_float($value)) {
                $plate[(string) $field] = is_string($value) ? $value : (float) $value;
            }
        }

        return $plate;
    }
}
