<?php

declare(strict_types=1);

namespace Levin\Core\Record\Rung;

use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;

/** Something was done about each thing that was found: fitted, worked on, made safe, condemned, or left for a return. */
final class AsksRepaired implements Asks
{
    private const ORDER = 'fit the part, say what you did to it, make it safe, condemn it, or leave it for a return.';

    #[\Override]
    public function of(): Contact
    {
        return Contact::Repaired;
    }

    #[\Override]
    public function open(Visit $visit): array
    {
        $open = $visit->findings() === [] ? ['First what is wrong, then what is done about it.'] : [];
        foreach ($visit->faults() as $fault) {
            if (! $this->isDoneAbout($fault, $visit)) {
                $open[] = "{$fault->text('label')}: ".self::ORDER;
            }
        }

        return $open;
    }

    private function isDoneAbout(Event $fault, Visit $visit): bool
    {
        $targets = Visit::targets($fault);
        foreach ($visit->since($fault, EventType::Replaced, EventType::Worked, EventType::Left) as $deed) {
            $at = $deed->text($deed->type === EventType::Replaced ? 'part' : 'target');
            if ($deed->type === EventType::Left || $targets === [] || $at === '' || in_array($at, $targets, true)) {
                return true;
            }
        }

        return false;
    }
}
