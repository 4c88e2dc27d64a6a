<?php

declare(strict_types=1);

namespace Levin\Core\Record\Rung;

use Levin\Core\Record\EventType;

/** What made it fail is found, or looked for and not found, or it is plain wear. */
final class AsksCause implements Asks
{
    #[\Override]
    public function of(): Contact
    {
        return Contact::Cause;
    }

    #[\Override]
    public function open(Visit $visit): array
    {
        $open = $visit->findings() === [] ? ['First what is wrong, then what made it so.'] : [];
        foreach ($visit->faults() as $fault) {
            if ($fault->text('cause') === '' && $visit->since($fault, EventType::Cause) === []) {
                $open[] = "{$fault->text('label')}: say what made it fail, that you looked and did not find it, or that it is plain wear.";
            }
        }

        return $open;
    }
}
