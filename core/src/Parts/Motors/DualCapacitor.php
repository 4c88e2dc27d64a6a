<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Motors;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Drift;
use Levin\Core\Parts\Drifts\Endurance;
use Levin\Core\Parts\Field;

/** A dual run capacitor: two sections on one common, C–HERM for the compressor and C–FAN for the fan. */
final class DualCapacitor extends Capacitors
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('capacitor-dual', 'Dual run capacitor', ['C', 'HERM', 'FAN'], [
            Field::number('herm_uf', 'µF', 'compressor section', 1, 200),
            Field::number('fan_uf', 'µF', 'fan section', 1, 100),
            Field::number('volts', 'V', 'rated voltage', 110, 660, 440),
        ],
            usual: ['herm_uf' => 40, 'fan_uf' => 5],
        );
    }

    #[\Override]
    protected function sections(): array
    {
        return ['herm' => ['C', 'HERM'], 'fan' => ['C', 'FAN']];
    }

    #[\Override]
    protected function lasts(float $times, string $mode): Drift
    {
        return Endurance::ofRunCapacitor($times, $mode);
    }
}
