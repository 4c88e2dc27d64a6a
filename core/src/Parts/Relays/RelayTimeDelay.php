<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Relays;

use Levin\Core\Parts\Definition;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Pending;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Voltages;

/** A relay that waits: its contact moves some seconds after its coil is fed, and goes back some seconds after it is not. */
final class RelayTimeDelay extends ChangeoverRelay
{
    #[\Override]
    public static function definition(): Definition
    {
        return new Definition('relay-time-delay', 'Time-delay relay', ['A', 'B', 'C', 'NO', 'NC'], [
            ...self::coilFields(),
            Field::number('on_delay', 's', 'from coil fed to contact moved', 0, 3600, 0),
            Field::number('off_delay', 's', 'from coil dead to contact back', 0, 3600, 0),
        ], optional: ['NO', 'NC'],
            usual: ['coil_volts' => 24, 'coil_ohms' => 60, 'sealed_va' => 3, 'inrush_va' => 3, 'on_delay' => 5, 'off_delay' => 60],
        );
    }

    /** States: out, timing (fed, not moved), in, holding (not fed, not back). */
    #[\Override]
    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        $wasFed = $state === 'timing' || $state === 'in';
        $isFed = parent::nextState($wasFed ? 'in' : 'out', $setting, $voltages) === 'in';
        $isMoved = $this->isMoved($state, $setting);

        return match (true) {
            $isFed && $isMoved => 'in',
            $isFed => $this->part->number('on_delay') > 0.0 ? 'timing' : 'in',
            $isMoved => $this->part->number('off_delay') > 0.0 ? 'holding' : 'out',
            default => 'out',
        };
    }

    #[\Override]
    public function pending(string $state, Setting $setting, Voltages $voltages): array
    {
        return match ($state) {
            'timing' => [new Pending('in', $this->part->number('on_delay'))],
            'holding' => [new Pending('out', $this->part->number('off_delay'))],
            default => [],
        };
    }

    #[\Override]
    public function observables(): array
    {
        return ['pulled in', 'dropped out'];
    }

    #[\Override]
    public function observed(string $state, Setting $setting, Voltages $voltages): string
    {
        return $this->isMoved($state, $setting) || $setting->has('welded') ? 'pulled in' : 'dropped out';
    }

    #[\Override]
    protected function isMoved(string $state, Setting $setting): bool
    {
        return $state === 'in' || $state === 'holding';
    }
}
