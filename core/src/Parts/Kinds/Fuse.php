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
use Levin\Core\Parts\Values;
use Levin\Core\Parts\Voltages;

/** One fuse. It melts at once on a short; the slow part of its curve is not modelled, so it carries any starting current. */
final class Fuse extends Component
{
    public static function definition(): Definition
    {
        return new Definition('fuse', 'Fuse', ['1', '2'], [
            Field::number('amps', 'A', 'rating', 0.1, 400),
            Field::number('melts_at', '×', 'multiple of the rating at which it melts at once', 2, 30, 8),
        ]);
    }

    public function elements(): array
    {
        return [Element::between('1', '2')];
    }

    public function initialState(): string
    {
        return 'whole';
    }

    public function stamps(string $state, Setting $setting): array
    {
        return [Values::contact($state === 'whole' && ! $setting->has('blown'))];
    }

    public function stateWhenDead(string $state): string
    {
        return $state;
    }

    public function nextState(string $state, Setting $setting, Voltages $voltages): string
    {
        $amps = $voltages->across('1', '2')->abs() * $this->stamps($state, $setting)[0][0];

        return $amps > $this->part->number('amps') * $this->part->number('melts_at') ? 'blown' : $state;
    }

    public function faults(): array
    {
        return [new FaultMode('blown', 'blown', 2.0)];
    }

    public function symbols(): array
    {
        return [new Symbol(SymbolShape::Fuse, '1', '2')];
    }
}
