<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Slips;

/** A load that no current can ever flow through: nothing leads on from one of its ends, or both lie on one conductor. */
final class NoWayBack extends Slip
{
    #[\Override]
    public function in(Drawn $drawn): array
    {
        $wrong = [];
        $wires = $drawn->wires();
        foreach ($drawn->loads() as $id => [$a, $b]) {
            if (! isset($drawn->everything($id)->reached([$a])[$b])) {
                $wrong[] = Wrong::with($drawn, $id, 'There is no way back for its current.', "Wire $a or $b to what it returns to.");
            } elseif (isset($wires->reached([$a])[$b])) {
                $wrong[] = Wrong::with($drawn, $id, 'Both its ends are on one wire: nothing flows.', "Land $a or $b elsewhere.");
            }
        }

        return $wrong;
    }
}
