<?php

declare(strict_types=1);

namespace App\Drafts;

use App\Api\Data;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\FieldType;

/** A value on a plate. */
final readonly class FieldData extends Data
{
    /**
     * @param  list<string>  $choices  of a choice
     * @param  string  $usual  what it is when nobody says; empty where somebody must
     */
    private function __construct(
        public string $name,
        public FieldType $type,
        public string $unit,
        public string $meaning,
        public array $choices,
        public string $usual,
    ) {
    }

    public static function of(Field $field): self
    {
        return new self($field->name, $field->type, $field->unit, $field->meaning, $field->choices, (string) $field->default);
    }
}
