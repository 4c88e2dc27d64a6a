<?php

declare(strict_types=1);

namespace Levin\Core\File;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\FieldType;

/** Reads a part's plate: every value that its kind asks for, and none that it does not know. */
final readonly class PlateReader
{
    public function __construct(private Problems $problems, private World $world)
    {
    }

    /**
     * @param  array<mixed>  $plate
     * @return array<string, mixed> completed with the kind's defaults
     */
    public function read(string $id, Definition $definition, array $plate): array
    {
        $line = $this->problems->line(['parts', $id]);
        $known = array_map(static fn (Field $f): string => $f->name, $definition->fields);
        foreach (array_diff(array_map(strval(...), array_keys($plate)), $known) as $extra) {
            $takes = "A $definition->kind takes: ".(implode(', ', $known) ?: 'none').'.';
            $this->problems->add($line, $id, "Its plate has the unknown value \"$extra\".", Problems::didYouMean($extra, $known, $takes));
        }
        $values = [];
        foreach ($definition->fields as $field) {
            $values[$field->name] = $value = $plate[$field->name] ?? $field->default;
            $problem = $this->problem($field, $value);
            if ($problem !== null) {
                $this->problems->add($line, $id, ...$problem);
            }
        }

        return $values;
    }

    /** @return array{string, string}|null what is wrong with a value, and the remedy */
    private function problem(Field $field, mixed $value): ?array
    {
        $unit = $field->unit === '' ? '' : " $field->unit";
        $is = "$field->name is ".(string) json_encode($value).'.';

        return match (true) {
            $value === null => ["Its plate lacks $field->name ($field->meaning).", 'Add it'.($unit === '' ? '' : " in$unit").'.'],
            $field->type === FieldType::Number => $field->admits($value)
                ? null
                : [$is, "It must be a number from $field->minimum to $field->maximum$unit."],
            $field->type === FieldType::Choice => in_array($value, $field->choices, true)
                ? null
                : [$is, 'It must be one of: '.implode(', ', $field->choices).'.'],
            $field->type === FieldType::Quantity => $value === ''
                ? null
                : $this->named($field, $value, 'quantity', 'quantities', $this->world->quantities),
            $field->type === FieldType::Condition => $value === '' && $field->default === ''
                ? null
                : $this->named($field, $value, 'condition', 'conditions', $this->world->conditions),
            default => null,
        };
    }

    /**
     * @param  array<string, mixed>  $known
     * @return array{string, string}|null
     */
    private function named(Field $field, mixed $value, string $one, string $all, array $known): ?array
    {
        if (is_string($value) && isset($known[$value])) {
            return null;
        }
        $remedy = $known === [] ? "Add it under \"$all\"." : 'Use one of: '.implode(', ', array_keys($known)).'.';

        return ["$field->name names the $one ".(string) json_encode($value).", which is not among the $all.", $remedy];
    }
}
