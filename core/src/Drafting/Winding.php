<?php

declare(strict_types=1);

namespace Levin\Core\Drafting;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\FieldType;

/** The plate of an ordinary part, wound for other volts: the same power, so amperes as 1/V, ohms as V², farads as 1/V². */
final class Winding
{
    /** Plate values that say the volts. */
    private const VOLTS = ['coil_volts', 'primary_volts', 'volts'];

    /** As far from its plate a part works as it is. */
    private const NEAR = 0.05;

    /** @return array<string, float|int> what stands on the plate whatever works the part */
    public static function plate(Definition $definition, float $volts): array
    {
        $plate = Fresh::plate($definition);
        $field = self::voltsOf($definition);
        if ($field === null) {
            return $plate;
        }
        $made = (float) ($definition->usual[$field->name] ?? $field->default);
        $times = $volts / $made;
        $plate[$field->name] = $volts;
        foreach (abs($times - 1) > self::NEAR ? $definition->fields : [] as $other) {
            $value = $definition->usual[$other->name] ?? $other->default;
            $factor = ['A' => 1 / $times, 'Ω' => $times ** 2, 'µF' => 1 / $times ** 2][$other->unit] ?? null;
            if ($factor !== null && is_numeric($value)) {
                $plate[$other->name] = self::within($other, $value * $factor);
            }
        }

        return $plate;
    }

    private static function voltsOf(Definition $definition): ?Field
    {
        foreach ($definition->fields as $field) {
            if ($field->type === FieldType::Number && in_array($field->name, self::VOLTS, true)) {
                return $field;
            }
        }

        return null;
    }

    private static function within(Field $field, float $value): float
    {
        $digits = 2 - (int) floor(log10(max(1e-6, $value)));

        return max($field->minimum, min($field->maximum, round($value, $digits)));
    }
}
