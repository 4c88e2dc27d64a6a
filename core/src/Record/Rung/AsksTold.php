<?php

declare(strict_types=1);

namespace Levin\Core\Record\Rung;

use Levin\Core\Record\EventType;

/** The customer knows what was found and done, and what is left; who it was and what they said is written down. */
final class AsksTold implements Asks
{
    #[\Override]
    public function of(): Contact
    {
        return Contact::Told;
    }

    #[\Override]
    public function open(Visit $visit): array
    {
        $since = $visit->last(EventType::Finding, EventType::Replaced, EventType::Worked, EventType::Left, EventType::Reopened);

        return $visit->since($since, EventType::WasTold) === []
            ? ['Tell the customer, and write down whom you told and what they said.']
            : [];
    }
}
