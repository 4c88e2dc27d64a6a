<?php

declare(strict_types=1);

namespace Levin\Core\Record\Rung;

use Levin\Core\Circuit\Condition;
use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;
use Levin\Core\Record\JumperOn;

/** Everything that a visit has to put back: wires, jumpers, parts and covers that are out, switches that are not as they should be. */
final readonly class OpenItems
{
    private function __construct(private Visit $visit)
    {
    }

    /** @return list<OpenItem> */
    public static function of(Visit $visit): array
    {
        $items = new self($visit);
        $now = $visit->standing->conditions;
        $switches = array_filter(
            $visit->model->circuit->conditions,
            static fn (Condition $c): bool => $c->isPutBack() && $now->isOn($c->name) !== $c->default,
        );

        return [
            ...array_map($items->jumper(...), $visit->standing->jumpers),
            ...array_map($items->wire(...), $now->lifted),
            ...array_map($items->part(...), $now->removed),
            ...array_map($items->switch(...), array_values($switches)),
        ];
    }

    private function jumper(JumperOn $on): OpenItem
    {
        return new OpenItem(
            EventType::Jumper,
            "$on->from~$on->to",
            "Jumper $on->from – $on->to",
            "on: $on->reason",
            "Take the jumper off $on->from and $on->to.",
            'take it off',
            ['from' => $on->from, 'to' => $on->to, 'on' => false],
            $on->since,
            false,
        );
    }

    private function wire(string $id): OpenItem
    {
        $wire = $this->visit->model->circuit->wire($id);
        $name = "$wire->colour wire $id, $wire->from – $wire->to";

        return $this->item(EventType::Lead, 'wire', $id, ucfirst($name), 'lifted', "Land the $name.", 'land it', 'lifted', false);
    }

    private function part(string $id): OpenItem
    {
        $label = $this->visit->model->circuit->part($id)->label;

        return $this->item(EventType::Pulled, 'part', $id, $label, 'out', "Put back in: $label.", 'put it back', 'out', false);
    }

    private function switch(Condition $c): OpenItem
    {
        return $this->item(
            EventType::Condition,
            'name',
            $c->name,
            $c->label,
            $c->word(! $c->default),
            "$c->label: it should be {$c->word($c->default)}.",
            $c->word($c->default),
            'value',
            $c->default,
        );
    }

    private function item(
        EventType $type,
        string $names,
        string $key,
        string $label,
        string $state,
        string $order,
        string $undo,
        string $sets,
        bool $to,
    ): OpenItem {
        $own = array_filter($this->visit->since(null, $type), static fn (Event $e): bool => $e->text($names) === $key);
        $isLeft = in_array($key, $this->visit->leftOff(), true);

        return new OpenItem($type, $key, $label, $state, $order, $undo, [$names => $key, $sets => $to], end($own)->at ?? null, $isLeft);
    }
}
