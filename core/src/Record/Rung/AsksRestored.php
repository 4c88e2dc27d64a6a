<?php

declare(strict_types=1);

namespace Levin\Core\Record\Rung;

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

        return array_map(static fn (OpenItem $item): string => $item->order, array_values($open));
    }
}
