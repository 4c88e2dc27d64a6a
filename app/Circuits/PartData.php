<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Api\Data;
use Levin\Core\Circuit\Circuit as Schematic;
use Levin\Core\Parts\Kind;

/** A part, with where it sits, what can be seen of it and its plate. */
final readonly class PartData extends Data
{
    /**
     * @param  list<string>  $points  where a probe can touch it
     * @param  list<string>  $observables  what eyes and ears can report of it
     * @param  list<PlateValueData>  $plate
     */
    private function __construct(
        public string $id,
        public string $label,
        public string $place,
        public array $points,
        public array $observables,
        public array $plate,
    ) {
    }

    public static function of(Kind $kind, Schematic $circuit): self
    {
        $plate = [];
        foreach ($kind::definition()->fields as $field) {
            $value = $kind->part->plate[$field->name] ?? null;
            if (is_int($value) || is_float($value)) {
                $plate[] = new PlateValueData($field->name, (float) $value, $field->unit, $field->meaning);
            }
        }

        return new self(
            $kind->id,
            $kind->part->label,
            $circuit->places[$kind->part->place]->label,
            array_map($kind->part->point(...), $kind->part->terminals),
            $kind->observables(),
            $plate,
        );
    }
}
