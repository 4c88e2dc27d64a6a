<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Switches;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;

/** A thermostat on its sub-base: R to each terminal that its call asks for. Terminals the file gives no call stay open. */
final class Thermostat extends Kind
{
    private const CALLS = [
        'Y' => 'cooling', 'Y1' => 'cooling, first stage', 'Y2' => 'cooling, second stage', 'G' => 'fan', 'W' => 'heating',
        'W1' => 'heating, first stage',
        'W2' => 'heating, second stage',
        'O' => 'valve in cooling',
        'B' => 'valve in heating',
        'E' => 'emergency heat',
    ];

    #[\Override]
    public static function definition(): Definition
    {
        return new Definition(
            'thermostat', 'Thermostat', ['R', 'C', ...array_keys(self::CALLS)],
            array_map(static fn (string $t): Field => Field::optionalCondition(
                strtolower($t).'_called_by',
                'the condition that calls for '.self::CALLS[$t],
            ), array_keys(self::CALLS)),
            optional: ['C', ...array_keys(self::CALLS)],
        );
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        return array_map(function (string $t) use ($setting): Element {
            $name = strtolower($t);
            $called = $setting->isOn($this->part->text("{$name}_called_by")) && ! $setting->has("$name-open") && ! $setting->has('dead');

            return Element::between('R', $t, Values::contact($called || $setting->has("$name-stuck")));
        }, $this->calls());
    }

    #[\Override]
    public function faults(): array
    {
        $faults = [];
        foreach ($this->calls() as $n => $t) {
            $faults[] = new FaultMode(strtolower($t).'-open', "does not make R to $t", $n === 0 ? 1.0 : 0.8);
        }
        foreach ($this->calls() as $t) {
            $faults[] = new FaultMode(strtolower($t).'-stuck', "R to $t stuck closed", 0.3);
        }

        return $faults;
    }

    #[\Override]
    public function symbols(): array
    {
        return array_map(
            static fn (string $t): Symbol => new Symbol(SymbolShape::Contact, 'R', $t, strstr(self::CALLS[$t].',', ',', true) ?: ''),
            $this->calls(),
        );
    }

    /** @return list<string> terminals with a call */
    private function calls(): array
    {
        return array_values(array_filter(
            array_keys(self::CALLS),
            fn (string $t): bool => $this->part->has($t) && $this->part->text(strtolower($t).'_called_by') !== '',
        ));
    }
}
