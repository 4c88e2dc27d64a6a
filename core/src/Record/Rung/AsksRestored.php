<?php

declare(strict_types=1);

namespace Levin\Core\Record\Rung;

use Levin\Core\Circuit\Condition;

/** Every lead landed, jumper out, plug in, cover on, and what was switched as it should be, but for what is left off on purpose. */
final class AsksRestored implements Asks
{
    #[\Override]
    public function of(): Contact
    {
        return Contact::Restored;
    }

    #[\Override]
    public function open(Visit $visit): array
    {
        $now = $visit->standing->conditions;
        $circuit = $visit->model->circuit;
        $left = $visit->leftOff();
        $isLeft = static fn (string $what): bool => in_array($what, $left, true);
        $part = static fn (string $id): string => $circuit->part($id)->label;
        $wire = static fn (string $id): string => "the {$circuit->wire($id)->colour} wire from {$circuit->wire($id)->from}"
            ." to {$circuit->wire($id)->to}";

        return [
            ...array_map(static fn (string $id): string => "Land {$wire($id)}.", array_values(array_filter(
                $now->lifted,
                static fn (string $id): bool => ! $isLeft($id),
            ))),
            ...array_map(static fn ($j): string => "Take the jumper off $j->from and $j->to.", $visit->standing->jumpers),
            ...array_map(static fn (string $id): string => "Put {$part($id)} back in.", array_values(array_filter(
                $now->removed,
                static fn (string $id): bool => ! $isLeft($id),
            ))),
            ...array_values(array_map(
                static fn (Condition $c): string => "$c->label: it should be {$c->word($c->default)}.",
                array_filter($circuit->conditions, static fn (Condition $c): bool => $c->isPutBack()
                    && $now->isOn($c->name) !== $c->default && ! $isLeft($c->name)),
            )),
        ];
    }
}
