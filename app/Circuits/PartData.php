<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Api\Data;
use Levin\Core\Circuit\Circuit as Schematic;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Sign;

/** A part, with where it sits, what can be seen of it and its plate. */
final readonly class PartData extends Data
{
    /**
     * @param  string  $kind  as the circuit file names it
     * @param  list<string>  $points  where a probe can touch it
     * @param  list<string>  $observables  what eyes and ears can report of it
     * @param  list<string>  $signs  what hands and nose can find at it
     * @param  bool  $trips  whether it opens on too much current
     * @param  list<PlateValueData>  $plate
     * @param  list<PrintedData>  $printed  what the unit's own table says of what can be seen
     */
    private function __construct(
        public string $id,
        public string $label,
        public string $kind,
        public string $place,
        public array $points,
        public array $observables,
        public array $signs,
        public bool $trips,
        public array $plate,
        public array $printed,
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
            $kind->part->kind,
            $circuit->places[$kind->part->place]->label,
            array_map($kind->part->point(...), $kind->part->terminals),
            $kind->observables(),
            array_map(static fn (Sign $s): string => $s->value, Sign::of($kind)),
            $kind->overcurrentDevice() !== null,
            $plate,
            array_map(
                static fn (string $seen, string $means): PrintedData => new PrintedData($seen, $means),
                array_keys($kind->part->printed),
                $kind->part->printed,
            ),
        );
    }
}
