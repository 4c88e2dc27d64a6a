<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Kinds;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Voltages;

/** A two-pole circuit breaker in the building's panel. It opens on a short; the inverse-time part is not modelled. */
final class Breaker extends TwoPoleSwitch
{
    public static function definition(): Definition
    {
        return new Definition('breaker', 'Circuit breaker, two pole', ['L1', 'L2', 'T1', 'T2'], [
            ...self::switchFields(),
            Field::number('amps', 'A', 'rating', 5, 400),
            Field::number('trips_at', '×', 'multiple of the rating at which it opens at once', 3, 20, 10),
        ]);
    }

    public function initialState(): string
    {
        return 'holds';
    }

    public function stamps(string $state, Setting $setting): array
    {
        return $state === 'tripped' ? array_fill(0, count($this->elements()), [0.0, 0.0]) : parent::stamps($state, $setting);
    }

    public function stateWhenDead(string $state): string
    {
        return $state;
    }

    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        if ($state === 'tripped') {
            return $state;
        }
        $limit = $this->part->number('amps') * $this->part->number('trips_at');
        foreach ($this->stamps($state, $setting) as $i => $y) {
            /** @var Element $pole */
            $pole = $this->elements()[$i];
            if ($voltages->across($pole->nodes[0], $pole->nodes[1])->abs() * $y[0] > $limit) {
                return 'tripped';
            }
        }

        return $state;
    }

    public function faults(): array
    {
        return [
            new FaultMode('tripped', 'tripped or weak breaker', 1.0),
            new FaultMode('pole1-open', 'pole 1 does not make', 0.3),
            new FaultMode('pole2-open', 'pole 2 does not make', 0.3),
        ];
    }
}
