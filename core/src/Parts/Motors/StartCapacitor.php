<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Motors;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Drift;
use Levin\Core\Parts\Drifts\Endurance;
use Levin\Core\Parts\Field;

/** An electrolytic start capacitor, in circuit for seconds. */
final class StartCapacitor extends Capacitors
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition(
            'capacitor-start',
            'Start capacitor',
            ['1', '2'],
            [
                Field::number('start_uf', 'µF', 'middle of its marked range', 10, 1200),
                Field::number('volts', 'V', 'rated voltage', 110, 660, 330),
            ],
            usual: ['start_uf' => 140],
        );
    }

    /** Its mark is a range. */
    #[\Override]
    public function markedFarads(string $one, string $other): ?float
    {
        return null;
    }

    #[\Override]
    protected function sections(): array
    {
        return ['start' => ['1', '2']];
    }

    #[\Override]
    protected function lasts(float $times, string $mode): Drift
    {
        return Endurance::ofStartCapacitor($times, $mode);
    }
}
