<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Capacitors;

use Levin\Core\Checks\Bench\Finding;
use Levin\Core\Checks\Bench\Limit;
use Levin\Core\Checks\Bench\Source;
use Levin\Core\Checks\Bench\Verdict;

/** A capacitor that is bad by its looks, whatever it reads: the one rule, of run and of start capacitors. */
final class Looks
{
    public const SOUND = 'sound';

    /** @return list<Finding> one, or none of one that looks sound */
    public static function of(string $looks): array
    {
        return $looks === self::SOUND ? [] : [new Finding(
            Verdict::Bad,
            ucfirst($looks).': bad whatever it reads.',
            [],
            new Limit('Bulged, blown out, cracked, leaking or rusted through is bad.', Source::practice()),
        )];
    }
}
