<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Slips;

use Levin\Core\Operation\Model;
use Levin\Core\Subclasses;

/** Every sort of slip that is looked for. */
final class Slips
{
    /** @return list<Wrong> what bars first */
    public static function in(Model $model): array
    {
        $drawn = new Drawn($model);
        $wrong = [];
        foreach (Subclasses::in('Checks/Slips/*.php', Slip::class) as $slip) {
            array_push($wrong, ...(new $slip)->in($drawn));
        }
        usort($wrong, static fn (Wrong $a, Wrong $b): int => $b->bars <=> $a->bars ?: $a->line <=> $b->line);

        return $wrong;
    }
}
