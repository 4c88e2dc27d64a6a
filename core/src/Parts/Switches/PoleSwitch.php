<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Switches;

use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;

/** Blades worked by one handle: Ln to Tn for each pole. */
abstract class PoleSwitch extends Kind
{
    /** @return positive-int */
    abstract protected static function poles(): int;

    /** @return list<Field> */
    protected static function switchFields(): array
    {
        return [Field::condition('closed_by', 'the condition that says it is on')];
    }

    /** @return list<string> line terminals first, then load terminals */
    protected static function poleTerminals(): array
    {
        return [
            ...array_map(static fn (int $n): string => "L$n", range(1, static::poles())),
            ...array_map(static fn (int $n): string => "T$n", range(1, static::poles())),
        ];
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        return array_map(fn (int $n): Element => Element::between("L$n", "T$n", $this->pole($n, $setting)), range(1, static::poles()));
    }

    /** @return list<float> */
    protected function pole(int $n, Setting $setting): array
    {
        return Values::contact(
            $setting->isOn($this->part->text('closed_by')) && ! $setting->has('tripped') && ! $setting->has("pole$n-open"),
        );
    }

    #[\Override]
    public function faults(): array
    {
        $what = static::poles() === 1 ? 'does not make' : 'blade %d does not make';

        return array_map(static fn (int $n): FaultMode => new FaultMode("pole$n-open", sprintf($what, $n), 0.3), range(1, static::poles()));
    }

    #[\Override]
    public function symbols(): array
    {
        return array_map(static fn (int $n): Symbol => new Symbol(SymbolShape::Switch, "L$n", "T$n"), range(1, static::poles()));
    }

    #[\Override]
    public function probePairs(): array
    {
        $pairs = parent::probePairs();
        foreach (['L', 'T'] as $side) {
            for ($a = 1; $a <= static::poles(); $a++) {
                for ($b = $a + 1; $b <= static::poles(); $b++) {
                    $pairs[] = ["$side$a", "$side$b"];
                }
            }
        }

        return $pairs;
    }
}
