<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Connections;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\PlateContradiction;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Sign;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;

/** A plug and receptacle: pins A1–B1, A2–B2 and so on, as many as the file lists. Unplugging it is removing the part. */
final class Plug extends Kind
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('plug', 'Plug and receptacle', []);
    }

    #[\Override]
    public function check(): void
    {
        foreach ($this->part->terminals as $t) {
            $twin = self::across($t);
            if (preg_match('/^[AB]\d+$/', $t) !== 1 || ! $this->part->has($twin)) {
                throw PlateContradiction::unpairedPin($t);
            }
        }
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        return [
            ...array_map(static fn (string $n): Element => Element::between(
                "A$n",
                "B$n",
                Values::worn(! $setting->has("pin$n-open"), $setting->degree("pin$n-loose", 20.0, 0.0)),
            ), $this->pins()),
            ...array_map(static fn (array $pair): Element => Element::between(
                "A$pair[0]",
                "A$pair[1]",
                Values::short($setting->has("pins$pair[0]-$pair[1]-burnt")),
            ), $this->neighbours()),
        ];
    }

    #[\Override]
    public function faults(): array
    {
        $faults = [];
        foreach ($this->pins() as $n) {
            $faults[] = new FaultMode("pin$n-open", "pin $n pushed out or burnt", 0.5, signs: Sign::PITTED);
            $faults[] = new FaultMode("pin$n-loose", "pin $n loose", 0.09, 'Ω', signs: Sign::LOOSE_JOINT);
        }

        foreach ($this->neighbours() as [$n, $m]) {
            // what blows two fuses of three [practice, no published source]
            $faults[] = new FaultMode("pins$n-$m-burnt", "pins $n and $m burnt together", 0.2, signs: Sign::BURNT);
        }

        return $faults;
    }

    #[\Override]
    public function symbols(): array
    {
        return array_map(static fn (string $n): Symbol => new Symbol(SymbolShape::Link, "A$n", "B$n", "pin $n"), $this->pins());
    }

    /** The point that a pin is plugged on to. */
    public function twin(string $point): string
    {
        return $this->part->point(self::across($this->part->terminalOf($point)));
    }

    private static function across(string $terminal): string
    {
        return ($terminal[0] === 'A' ? 'B' : 'A').substr($terminal, 1);
    }

    /** Pin by pin, and between neighbours. */
    #[\Override]
    public function probePairs(): array
    {
        return [
            ...parent::probePairs(),
            ...array_map(static fn (array $pair): array => ["A$pair[0]", "A$pair[1]"], $this->neighbours()),
        ];
    }

    /** @return list<array{string, string}> pins that are beside each other */
    private function neighbours(): array
    {
        $pins = $this->pins();

        return array_map(static fn (string $n, string $m): array => [$n, $m], array_slice($pins, 0, -1), array_slice($pins, 1));
    }

    /** @return list<string> */
    private function pins(): array
    {
        return array_values(array_map(
            static fn (string $t): string => substr($t, 1),
            array_filter($this->part->terminals, static fn (string $t): bool => $t[0] === 'A'),
        ));
    }
}
