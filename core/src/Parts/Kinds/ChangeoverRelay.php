<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Kinds;

/** A coil A–B and one changeover contact: C to NC at rest, to NO pulled in. */
abstract class ChangeoverRelay extends ContactSet
{
    protected function coil(): array
    {
        return ['A', 'B'];
    }

    protected function contacts(): array
    {
        return [
            self::contact('no', 'C', 'NO'),
            self::contact('nc', 'C', 'NC', true),
        ];
    }
}
