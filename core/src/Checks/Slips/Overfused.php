<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Slips;

use Levin\Core\Checks\BranchCircuits;

/** A fuse or breaker larger than the loads behind it allow. Local codes and the unit's plate come first. */
final class Overfused extends Slip
{
    #[\Override]
    public function in(Drawn $drawn): array
    {
        $wrong = [];
        foreach (BranchCircuits::of($drawn->model) as $branch) {
            if ($branch->isOverfused()) {
                $most = $branch->maximumDevice;
                $what = sprintf('%g A is more than the %d A that its loads allow (%s).', $branch->fitted, $most, $branch->rule);
                $wrong[] = Wrong::with($drawn, $branch->device, $what, "Fit $most A, or correct its plate.");
            }
        }

        return $wrong;
    }
}
