<?php

declare(strict_types=1);

namespace Levin\Core\Record\Judging;

use Levin\Core\Meter\MeterFunction;
use Levin\Core\Record\Event;

/** Megohms from a compressor's lead to its shell, all its leads off. */
final class CompressorInsulation implements BenchRule
{
    #[\Override]
    public function taken(Event $reading, SoFar $so): ?Taken
    {
        $isRead = $reading->text('function') === MeterFunction::Megohms->value;
        foreach ($isRead ? ['red' => 'black', 'black' => 'red'] : [] as $lead => $metal) {
            $kind = $so->model()->parts[$so->model()->circuit->partAt($reading->text($lead))->id];
            if ($reading->text($metal) === $kind->part->case && $kind->isHermetic() && $so->isAllOff($kind->part)) {
                return new Taken($kind->part, 'insulation', ['read' => Taken::read($reading)]);
            }
        }

        return null;
    }
}
