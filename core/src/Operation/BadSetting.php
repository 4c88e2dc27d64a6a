<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Circuit\Quantity;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\FieldType;

/** Something was set on a unit in words that cannot be understood. */
final class BadSetting extends OperationException
{
    private function __construct(public readonly string $setting, string $remedy)
    {
        parent::__construct("$setting: $remedy");
    }

    public static function notANumber(string $setting, Quantity $quantity): self
    {
        return new self($setting, "$quantity->name is a quantity. Write $quantity->name=NUMBER, in $quantity->unit.");
    }

    public static function lateJumper(string $setting): self
    {
        return new self($setting, 'a jumper is on from the start of a run. Name it under start, or with --when.');
    }

    public static function neitherOnNorOff(string $setting, string $name): self
    {
        return new self($setting, "write $name=on or $name=off.");
    }

    public static function notOnSuchAPlate(string $setting, Field $field): self
    {
        $must = $field->type === FieldType::Choice
            ? 'one of '.implode(', ', $field->choices)
            : "a number from $field->minimum to $field->maximum";

        return new self($setting, "$field->name must be $must.");
    }
}
