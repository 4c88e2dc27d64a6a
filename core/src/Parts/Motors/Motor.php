<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Motors;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Parts\Demand;
use Levin\Core\Parts\DemandOf;
use Levin\Core\Parts\Drift;
use Levin\Core\Parts\Drifts\Endurance;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Level;
use Levin\Core\Parts\Machines\Copper;
use Levin\Core\Parts\Machines\Overload;
use Levin\Core\Parts\Machines\Running;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Voltages;

/** What every motor with an overload shares: it stands, runs, or has tripped; the heat in its overload. */
abstract class Motor extends Kind
{
    /** A winding at which its overload opens, °C. [practice, no published source] */
    private const OPENS_AT = 130.0;

    /** The current its overload feels, amperes. */
    abstract protected function heatingAmps(string $state, Setting $setting, Voltages $voltages): float;

    /** The overload inside it; null when it has none and relies on one outside. */
    protected function overload(): ?Overload
    {
        return Overload::inFanMotor($this->part->number('fla'));
    }

    #[\Override]
    public function initialState(): string
    {
        return Running::STILL;
    }

    #[\Override]
    public function stateWhenDead(string $state): string
    {
        return $state === Running::TRIPPED ? $state : Running::STILL;
    }

    #[\Override]
    public function drift(string $state, Setting $setting, Voltages $voltages): ?Drift
    {
        $overload = $this->overload();

        return $state === Running::TRIPPED
            ? $overload?->open(Running::STILL, $this->isWet($setting))
            : $overload?->closed($this->heatingAmps($state, $setting, $voltages), Running::TRIPPED, $this->isWet($setting));
    }

    /** What fails when its windings burn: a mode of its own. */
    abstract protected function burntMode(): string;

    /** With no overload inside, and none outside that opens, its windings burn. */
    #[\Override]
    public function wear(string $state, Setting $setting, Voltages $voltages): ?Drift
    {
        return $this->overload() === null
            ? Endurance::ofWinding($this->heatingAmps($state, $setting, $voltages) / $this->part->number('fla'), $this->burntMode())
            : null;
    }

    /** Its windings, by the heat in its overload. */
    #[\Override]
    public function celsius(Level $level): float
    {
        return Conditions::AIR + (self::OPENS_AT - Conditions::AIR) * $level->own;
    }

    /** Ohms of one of its windings as warm as it is, from its ohms cold. */
    protected function warmOhms(float $cold, Setting $setting): float
    {
        return Copper::at($cold, Conditions::AIR, $setting->conditions->celsius($this->id));
    }

    /** Whether water runs over its shell. */
    protected function isWet(Setting $setting): bool
    {
        return false;
    }

    #[\Override]
    public function told(string $state, string $seen): string
    {
        return $state === Running::TRIPPED ? 'tripped on its overload' : $seen;
    }

    #[\Override]
    public function demand(): Demand
    {
        $ends = [];
        foreach ($this->symbols() as $symbol) {
            array_push($ends, $symbol->left, $symbol->right);
        }

        return new Demand($this->demandOf(), $this->part->number('fla'), array_values(array_unique($ends)));
    }

    /** As what the electrical code counts it. */
    protected function demandOf(): DemandOf
    {
        return DemandOf::Motor;
    }
}
