<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Slips;

use Levin\Core\Checks\Unopened;

/** Hot to hot or hot to common without a load, and nothing that opens. */
final class Short extends Slip
{
    #[\Override]
    public function in(Drawn $drawn): array
    {
        foreach ($drawn->settled() as $settled) {
            $short = Unopened::in($settled);
            if ($short !== null) {
                return [new Wrong($short->through[0] ?? $short->source, $short->what(), $short->remedy(), true, $short->line)];
            }
        }

        return [];
    }
}
