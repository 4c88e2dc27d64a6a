<?php

declare(strict_types=1);

namespace Levin\Core\File;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\Conditions;
use Levin\Core\Circuit\Part;
use Levin\Core\Circuit\Quantity;
use Levin\Core\Circuit\Section;
use Levin\Core\Circuit\Wire;
use Levin\Core\LevinException;
use Levin\Core\Parts\Catalogue;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\FieldType;
use Levin\Core\Parts\Setting;

/**
 * What can be drawn of a circuit that is not sound. Values that are missing are stood in for, what leads nowhere is left out: it is for
 * the eye of whoever mends it, and no meter may be held to it.
 */
final class Sketch
{
    /** How a part is drawn of which nothing else is known. */
    private const PLAIN = 'terminals';

    /** Nothing where not even that can be drawn. */
    public static function of(Circuit $circuit): ?Circuit
    {
        $points = array_fill_keys($circuit->points(), true);
        if (! isset($points[$circuit->earth])) {
            return null;
        }
        $known = static fn (string $point): bool => isset($points[$point]);
        $sketch = self::with($circuit, array_map(static fn (Part $p): Part => self::filled($p, $circuit), $circuit->parts), $known);
        $plain = array_map(
            static fn (Part $p): Part => self::works($p, $sketch)
                ? $p
                : new Part($p->id, self::PLAIN, $p->label, $p->place, [], $p->terminals, $p->case, letters: $p->letters),
            $sketch->parts,
        );

        return self::with($sketch, $plain, $known);
    }

    /**
     * @param  array<string, Part>  $parts
     * @param  \Closure(string): bool  $known
     */
    private static function with(Circuit $circuit, array $parts, \Closure $known): Circuit
    {
        $earth = $circuit->earth;
        $wires = array_filter($circuit->wires, static fn (Wire $w): bool => $known($w->from) && $known($w->to) && $w->from !== $w->to);

        return new Circuit(
            $circuit->id, $circuit->title, $circuit->family, $circuit->supply, $circuit->frequency, $earth,
            array_map(static fn (array $of): array => array_values(array_filter($of, $known)), $circuit->references),
            $circuit->places,
            array_map(static fn (Part $p): Part => $known($p->case) ? $p : $p->onCase($earth), $parts),
            array_map(static fn (Wire $w): Wire => $known($w->case) ? $w : $w->rubbingOn($earth), $wires),
            $circuit->conditions,
            array_values(array_filter(array_map(static fn (Section $s): ?Section => self::section($s, $known), $circuit->ladder))),
            // what the world does is nothing to a drawing
            array_map(static fn (Quantity $q): Quantity => $q->atRest(), $circuit->quantities),
        );
    }

    /** @param  \Closure(string): bool  $known */
    private static function section(Section $section, \Closure $known): ?Section
    {
        $rows = array_values(array_filter($section->rows, static fn (array $row): bool => $known($row[0]) && $known($row[1])));
        $rails = array_filter($section->rails, $known) === $section->rails ? $section->rails : [];

        return $rails === [] && $rows === [] ? null : new Section($section->title, $rails, $rails === [] ? $rows : []);
    }

    private static function filled(Part $part, Circuit $circuit): Part
    {
        $plate = [];
        $definition = Catalogue::definition($part->kind);
        foreach ($definition->fields ?? [] as $field) {
            $is = $part->plate[$field->name] ?? null;
            $plate[$field->name] = self::isUsable($field, $is, $circuit)
                ? $is
                : $definition->usual[$field->name] ?? $field->default ?? ($field->type === FieldType::Number ? $field->minimum : '');
        }

        return $part->withPlate($plate);
    }

    private static function isUsable(Field $field, mixed $value, Circuit $circuit): bool
    {
        return match ($field->type) {
            FieldType::Number => $field->admits($value),
            FieldType::Choice => in_array($value, $field->choices, true),
            FieldType::Condition => is_string($value) && isset($circuit->conditions[$value]),
            FieldType::Quantity => is_string($value) && isset($circuit->quantities[$value]),
            FieldType::Text => is_string($value),
        };
    }

    /** Whether a part can be let into a network. */
    private static function works(Part $part, Circuit $circuit): bool
    {
        try {
            $kind = Catalogue::component($part);
            $kind->symbols();
            $kind->observables();
            $kind->elements($kind->initialState(), new Setting(Conditions::healthyDefaults($circuit), [], 2 * M_PI * $circuit->frequency));

            return true;
        } catch (LevinException|\LogicException|\ArithmeticError) {
            return false;
        }
    }
}
