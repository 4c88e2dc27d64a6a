<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

/**
 * One plate value that a kind asks for.
 */
final readonly class Field
{
    private function __construct(
        public string $name,
        public FieldType $type,
        public string $unit,
        public string $meaning,
        public float|string|null $default,
        public float $minimum,
        public float $maximum,
    ) {
    }

    /** A number that must be there. Limits are inclusive. */
    public static function number(string $name, string $unit, string $meaning, float $minimum, float $maximum, ?float $default = null): self
    {
        return new self($name, FieldType::Number, $unit, $meaning, $default, $minimum, $maximum);
    }

    /** The name of a condition that works this part. */
    public static function condition(string $name, string $meaning): self
    {
        return new self($name, FieldType::Condition, '', $meaning, null, 0, 0);
    }

    public static function text(string $name, string $meaning, string $default): self
    {
        return new self($name, FieldType::Text, '', $meaning, $default, 0, 0);
    }
}
