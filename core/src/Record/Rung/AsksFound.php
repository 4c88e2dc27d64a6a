<?php

declare(strict_types=1);

namespace Levin\Core\Record\Rung;

use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;

/** One finding, or several together, that leave no reading unexplained; or that nothing is wrong here, with what was checked. */
final class AsksFound implements Asks
{
    #[\Override]
    public function of(): Contact
    {
        return Contact::Found;
    }

    #[\Override]
    public function open(Visit $visit): array
    {
        $findings = $visit->findings();
        if ($findings === []) {
            return ['Find it, or write down what you found.'];
        }
        $left = self::unexplained($findings[count($findings) - 1], $visit);

        return $left === 0 ? [] : [
            $left === 1
                ? 'One reading stands unexplained: take it again, strike it out, or find what else is wrong.'
                : "$left readings stand unexplained: take them again, strike them out, or find what else is wrong.",
        ];
    }

    /** Readings that the last finding left unexplained, and that still count. */
    private static function unexplained(Event $finding, Visit $visit): int
    {
        $ids = $finding->data['unexplained'] ?? [];
        $kept = array_map(
            static fn (Event $e): string => $e->id,
            $visit->since(null, ...array_filter(EventType::cases(), static fn (EventType $t): bool => $t->isEvidence())),
        );

        return is_array($ids) ? count(array_filter($ids, static fn (mixed $id): bool => in_array($id, $kept, true))) : 0;
    }
}
