<?php

declare(strict_types=1);

namespace Levin\Core\Tests\Support;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Diagnosis\Evidence;
use Levin\Core\Diagnosis\Look;
use Levin\Core\Diagnosis\Occasion;
use Levin\Core\Diagnosis\Probe;
use Levin\Core\Meter\MeterFunction;

/** Evidence in few words. */
final class Learned
{
    /** What a meter showed, SI; null for OL. */
    public static function metered(MeterFunction $function, string $red, string $black, ?float $shown, Conditions $now): Evidence
    {
        return new Evidence(new Probe($function, $red, $black), $shown, new Occasion($now));
    }

    public static function seen(string $part, string $what, Conditions $now, ?float $after = null): Evidence
    {
        return new Evidence(new Look($part), $what, new Occasion($now, $after));
    }
}
