<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Relays;

/** A coil A–B and one changeover contact: C to NC at rest, to NO pulled in. */
abstract class ChangeoverRelay extends ContactSet
{
    #[\Override]
    protected function contacts(): array
    {
        return [
            new Contact('no', 'C', 'NO'),
            new Contact('nc', 'C', 'NC', true),
        ];
    }
}
