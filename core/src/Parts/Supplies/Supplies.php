<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Supplies;

use Levin\Core\Network\Complex;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Parts\Values;

/**
 * What the building feeds in: windings of the service transformer, each an electromotive force behind its impedance, and
 * the bond to ground where there is one.
 */
abstract class Supplies extends Kind
{
    /** Ohms of the bond from neutral, or a corner, to ground. */
    private const BOND = 1e-3;

    /**
     * The windings: from, to, volts as a phasor at rated voltage, and the leg whose percentage scales it (or is lost).
     *
     * @return list<array{from: string, to: string, volts: Complex, leg: string}>
     */
    abstract protected function windings(): array;

    /** @return string the terminal that is bonded to G; empty for an ungrounded system */
    abstract protected function bonded(): string;

    /** @return list<Field> */
    protected static function legFields(string ...$legs): array
    {
        return [
            Field::number('source_ohms', 'Ω', 'impedance of each leg back to the service transformer', 0.001, 5, 0.03),
            ...array_map(static fn (string $leg): Field => Field::number(
                strtolower($leg).'_percent',
                '%',
                "voltage of $leg against what it should be",
                0,
                130,
                100,
            ), array_values($legs)),
        ];
    }

    /** @return list<string> */
    private function legs(): array
    {
        return array_values(array_unique(array_column($this->windings(), 'leg')));
    }

    #[\Override]
    public function elements(string $state, Setting $setting): array
    {
        $y = 1.0 / $this->part->number('source_ohms');
        $on = $setting->sources && ! $setting->isDirect();
        $elements = [];
        foreach ($this->windings() as $w) {
            $leg = strtolower($w['leg']);
            $open = $setting->has("$leg-lost");
            $scale = $on && ! $open ? $y * $this->part->number("{$leg}_percent") / 100 : 0.0;
            $elements[] = Element::source(
                $w['from'],
                $w['to'],
                [$open ? 0.0 : $y, 0.0, $scale * $w['volts']->re, $scale * $w['volts']->im],
            );
        }
        if ($this->bonded() !== '') {
            $elements[] = Element::between($this->bonded(), 'G', Values::ohms(self::BOND));
        }

        return $elements;
    }

    #[\Override]
    public function faults(): array
    {
        return array_map(
            static fn (string $leg): FaultMode => new FaultMode(strtolower($leg).'-lost', "leg $leg lost before the panel", 0.3),
            $this->legs(),
        );
    }

    #[\Override]
    public function sourceTerminals(): array
    {
        $to = $this->bonded() === '' ? $this->windings()[0]['to'] : $this->bonded();
        $pairs = [];
        foreach ($this->windings() as $w) {
            foreach ([$w['from'], $w['to']] as $end) {
                if ($end !== $to && ! str_starts_with($end, '@')) {
                    $pairs[$end] = [$end, $to];
                }
            }
        }

        return array_values($pairs);
    }

    #[\Override]
    public function symbols(): array
    {
        return $this->bonded() === '' || str_starts_with($this->bonded(), '@')
            ? []
            : [new Symbol(SymbolShape::Link, $this->bonded(), 'G', 'bond')];
    }

    #[\Override]
    public function probePairs(): array
    {
        $terminals = array_values(array_filter($this->part->terminals, static fn (string $t): bool => $t !== 'G'));
        $pairs = [];
        foreach ($terminals as $i => $a) {
            foreach (array_slice($terminals, $i + 1) as $b) {
                $pairs[] = [$a, $b];
            }
        }

        return $pairs;
    }

    /** @param  float  $degrees ahead of the reference */
    protected static function phasor(float $volts, float $degrees): Complex
    {
        return new Complex($volts * cos(deg2rad($degrees)), $volts * sin(deg2rad($degrees)));
    }
}
