<?php

declare(strict_types=1);

namespace Levin\Core\Record\Rung;

use Levin\Core\Record\EventType;

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
        $open = array_filter(OpenItems::of($visit), static fn (OpenItem $item): bool => ! $item->isLeft);

        return [...array_map(static fn (OpenItem $item): string => $item->order, array_values($open)), ...self::thermostat($visit)];
    }

    /** @return list<string> what it was set to is what it is set to again, where somebody has set it otherwise for a test */
    private static function thermostat(Visit $visit): array
    {
        $found = $visit->since(null, EventType::Thermostat)[0] ?? null;
        if ($found === null || ! self::isSetOtherwise($visit)) {
            return [];
        }
        $set = implode(', ', array_filter([$found->text('mode'), $found->text('set')]));

        return ["Thermostat: set it back as you found it ($set), and write down what it shows."];
    }

    /** Whether a call is another one than when the thermostat was last looked at. */
    private static function isSetOtherwise(Visit $visit): bool
    {
        $was = $is = [];
        foreach ($visit->since($visit->last(EventType::Thermostat), EventType::Condition) as $event) {
            $name = $event->text('name');
            if ($visit->model->circuit->conditions[$name]->call) {
                $was += [$name => ! $event->isTrue('value')];
                $is[$name] = $event->isTrue('value');
            }
        }

        return $was !== array_intersect_assoc($was, $is);
    }
}
