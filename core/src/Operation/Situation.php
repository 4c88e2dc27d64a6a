<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\Conditions;
use Levin\Core\Circuit\NothingInCommon;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Parts\Catalogue;
use Levin\Core\Parts\Faults;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\FieldType;
use Levin\Core\Parts\PartsException;

/**
 * A unit as someone has put it, out of words: what is set, lifted, pulled, jumpered, miswired, wrongly fitted and failed.
 *
 * What is set: `NAME=on|off` or, of a quantity, `NAME=NUMBER`; `lifted=WIRE`; `removed=PART` (a fuse pulled, a plug parted);
 * `jumper=POINT~POINT`. What is wrong: `PART:MODE` or `WIRE:MODE`, with `=AMOUNT` where it has degrees; `WIRE+WIRE:swapped`;
 * `PART:PLATE_VALUE=VALUE`, a part fitted that has another value on its plate.
 */
final readonly class Situation
{
    private function __construct(public Model $model, public Conditions $conditions, public Faults $faults)
    {
    }

    /**
     * @param  list<string>  $when
     * @param  list<string>  $faults
     *
     * @throws UnknownName for anything named that is not there
     * @throws BadSetting for what cannot be understood
     * @throws BadAmount
     * @throws PartsException for a plate that contradicts itself
     * @throws NothingInCommon for wires that cannot be swapped
     */
    public static function of(Circuit $circuit, array $when, array $faults): self
    {
        $left = [];
        foreach ($faults as $fault) {
            [$target, $mode] = [...explode(':', $fault, 2), ''];
            if ($mode === 'swapped') {
                [$first, $second] = [...explode('+', $target, 2), ''];
                $circuit = $circuit->swapping($first, $second);
            } elseif (($plate = self::plateValue($circuit, $target, $mode)) !== null) {
                $circuit = $circuit->fitting($circuit->part($target)->withPlate($plate));
            } else {
                $left[] = $fault;
            }
        }
        foreach ($when as $setting) {
            [$name, $value] = [...explode('=', $setting, 2), ''];
            if ($name === 'jumper') {
                [$a, $b] = [...explode('~', $value, 2), ''];
                $circuit = $circuit->jumping($a, $b);
            }
        }
        $conditions = Conditions::healthyDefaults($circuit);
        foreach (array_filter($when, static fn (string $setting): bool => ! str_starts_with($setting, 'jumper=')) as $setting) {
            $conditions = self::set($circuit, $conditions, $setting);
        }

        $model = new Model($circuit);

        return new self($model, $conditions, $model->faults->parseAll($left));
    }

    /**
     * One setting, other than a jumper, which is part of the circuit from the start.
     *
     * @throws UnknownName
     * @throws BadSetting
     */
    public static function set(Circuit $circuit, Conditions $conditions, string $setting): Conditions
    {
        [$name, $value] = [...explode('=', $setting, 2), ''];
        if ($conditions->isQuantity($name)) {
            return is_numeric($value)
                ? $conditions->withNumbers([$name => (float) $value])
                : throw BadSetting::notANumber($setting, $circuit->quantities[$name]);
        }

        return match ($name) {
            'jumper' => throw BadSetting::lateJumper($setting),
            'lifted' => $conditions->lifting([$circuit->wire($value)->id]),
            'removed' => $conditions->removing([$circuit->part($value)->id]),
            // a name that is not there is said to be so before its value is looked at
            default => $conditions->with($name, true)->with($name, match (strtolower($value)) {
                'on', 'true', '1', 'yes' => true,
                'off', 'false', '0', 'no' => false,
                default => throw BadSetting::neitherOnNorOff($setting, $name),
            }),
        };
    }

    /**
     * @return array<string, float|string>|null when it is not a plate value that is meant
     *
     * @throws BadSetting when the value cannot be on such a plate
     * @throws PartsException when it contradicts the rest of the plate
     */
    private static function plateValue(Circuit $circuit, string $part, string $mode): ?array
    {
        [$name, $value] = [...explode('=', $mode, 2), null];
        if ($value === null || ! isset($circuit->parts[$part])) {
            return null;
        }
        $fields = Catalogue::definition($circuit->parts[$part]->kind)->fields ?? [];
        $field = array_values(array_filter($fields, static fn (Field $f): bool => $f->name === $name))[0] ?? null;
        if ($field === null) {
            return null;
        }
        $fits = match ($field->type) {
            FieldType::Number => is_numeric($value) && $field->admits((float) $value),
            FieldType::Choice => in_array($value, $field->choices, true),
            default => false,
        };
        if (! $fits) {
            throw BadSetting::notOnSuchAPlate("$part:$mode", $field);
        }
        $plate = [$name => $field->type === FieldType::Number ? (float) $value : $value];
        Catalogue::component($circuit->parts[$part]->withPlate($plate))->check();

        return $plate;
    }
}
