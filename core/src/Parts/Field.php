<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

/**
 * One plate value that a kind asks for.
 */
final readonly class Field
{
    /** @param  list<string>  $choices */
    private function __construct(
        public string $name,
        public FieldType $type,
        public string $unit,
        public string $meaning,
        public float|string|null $default,
        public float $minimum,
        public float $maximum,
        public array $choices = [],
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

    /** A condition that need not be there; empty text when it is not. */
    public static function optionalCondition(string $name, string $meaning): self
    {
        return new self($name, FieldType::Condition, '', $meaning, '', 0, 0);
    }

    /** The name of a quantity of the world; empty text when it is not given and need not be. */
    public static function quantity(string $name, string $meaning, bool $required = false): self
    {
        return new self($name, FieldType::Quantity, '', $meaning, $required ? null : '', 0, 0);
    }

    /**
     * One word out of a few.
     *
     * @param  non-empty-list<string>  $choices the first is the default
     */
    public static function choice(string $name, string $meaning, array $choices): self
    {
        return new self($name, FieldType::Choice, '', $meaning, $choices[0], 0, 0, $choices);
    }

    /** Whether a number may stand there; what is not a number at all may not. */
    public function admits(mixed $value): bool
    {
        return (is_int($value) || is_float($value)) && $value >= $this->minimum && $value <= $this->maximum;
    }

    public static function text(string $name, string $meaning, string $default): self
    {
        return new self($name, FieldType::Text, '', $meaning, $default, 0, 0);
    }
}
