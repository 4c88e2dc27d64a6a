<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Kinds;

use Levin\Core\Parts\Component;
use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Symbol;
use Levin\Core\Parts\SymbolShape;

/** The building's 120/240 V service: two legs in opposite phase about a grounded neutral, each behind its impedance. */
final class SplitPhaseSupply extends Component
{
    public static function definition(): Definition
    {
        return new Definition('supply-split-phase', 'Split-phase supply', ['L1', 'L2', 'N', 'G'], [
            Field::number('volts', 'V', 'line to line', 190, 264, 240),
            Field::number('source_ohms', 'Ω', 'impedance of each leg back to the service transformer', 0.001, 2, 0.03),
        ]);
    }

    public function elements(): array
    {
        return [Element::source('L1', 'N'), Element::source('N', 'L2'), Element::between('N', 'G')];
    }

    public function stamps(string $state, Setting $setting): array
    {
        return [
            $this->leg($setting, $setting->has('l1-lost')),
            $this->leg($setting, $setting->has('l2-lost')),
            [1.0 / 1e-3, 0.0],
        ];
    }

    public function faults(): array
    {
        return [
            new FaultMode('l1-lost', 'leg L1 lost before the panel', 0.3),
            new FaultMode('l2-lost', 'leg L2 lost before the panel', 0.3),
        ];
    }

    public function sourceTerminals(): array
    {
        return [['L1', 'N'], ['L2', 'N']];
    }

    public function symbols(): array
    {
        return [new Symbol(SymbolShape::Link, 'N', 'G', 'bond')];
    }

    public function probePairs(): array
    {
        return [['L1', 'L2'], ['L1', 'N'], ['L2', 'N']];
    }

    /** @return list<float> */
    private function leg(Setting $setting, bool $lost): array
    {
        $y = $lost ? 0.0 : 1.0 / $this->part->number('source_ohms');

        return [$y, 0.0, $setting->sources && ! $setting->isDirect() ? $y * $this->part->number('volts') / 2 : 0.0, 0.0];
    }
}
