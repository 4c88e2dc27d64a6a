<?php

declare(strict_types=1);

namespace Levin\Core\Record\Judging;

use Levin\Core\Meter\MeterFunction;
use Levin\Core\Record\Event;

/** Microamperes in a flame rod's wire. Next to none says nothing: there may have been no flame. */
final class FlameMicroamps implements BenchRule
{
    /** No meter shows a flame by less, A. [practice, no published source] */
    private const NONE = 0.1e-6;

    #[\Override]
    public function taken(Event $reading, SoFar $so): ?Taken
    {
        $isFlame = $reading->text('function') === MeterFunction::MicroampsDc->value && abs($reading->number('value') ?? 0.0) > self::NONE;
        foreach ($isFlame ? $so->kindsAt($reading) : [] as $kind) {
            if ($kind->isFlameRod()) {
                return new Taken($kind->part, 'flame-signal', ['read' => ltrim(Taken::read($reading), '-')]);
            }
        }

        return null;
    }
}
