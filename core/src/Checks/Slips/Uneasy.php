<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Slips;

use Levin\Core\Checks\Unwell;

/** What hums, buzzes or turns backwards with nothing wrong. */
final class Uneasy extends Slip
{
    #[\Override]
    public function in(Drawn $drawn): array
    {
        return array_map(
            static fn (Unwell $u): Wrong => Wrong::with($drawn, $u->part, $u->what(), Unwell::REMEDY),
            Unwell::in($drawn->healthy()),
        );
    }
}
