<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Motors;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Drift;
use Levin\Core\Parts\Drifts\Endurance;
use Levin\Core\Parts\Field;

/** A run capacitor with one section. */
final class RunCapacitor extends Capacitors
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('capacitor-run', 'Run capacitor', ['1', '2'], [
            Field::number('run_uf', 'µF', 'marked capacitance', 1, 200),
            Field::number('volts', 'V', 'rated voltage', 110, 660, 440),
        ],
            usual: ['run_uf' => 10],
        );
    }

    #[\Override]
    protected function sections(): array
    {
        return ['run' => ['1', '2']];
    }

    #[\Override]
    protected function lasts(float $times, string $mode): Drift
    {
        return Endurance::ofRunCapacitor($times, $mode);
    }
}
