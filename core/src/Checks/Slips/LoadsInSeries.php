<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Slips;

/** Two loads in series: each gets a part of the volts and neither does its work. */
final class LoadsInSeries extends Slip
{
    #[\Override]
    public function in(Drawn $drawn): array
    {
        $on = $drawn->conductors();
        $loads = $drawn->loads();
        $ends = $others = [];
        foreach ($loads as $id => [$a, $b]) {
            $ends[$on[$a]][$id] = true;
            $ends[$on[$b]][$id] = true;
        }
        foreach ($drawn->model->parts as $id => $kind) {
            foreach ($kind->symbols() as $symbol) {
                foreach ($symbol->shape->isInSeries() ? [] : $symbol->ends as $terminal) {
                    $others[$on[$kind->part->point($terminal)]][(string) $id] = true;
                }
            }
            foreach ($kind->sourceTerminals() as $pair) {
                foreach ($pair as $terminal) {
                    $others[$on[$kind->part->point($terminal)]][(string) $id] = true;
                }
            }
        }
        $wrong = [];
        foreach ($ends as $conductor => $here) {
            [$first, $second] = [...array_map(strval(...), array_keys($here)), '', ''];
            if (count($here) === 2 && count($others[$conductor] ?? []) === 2) {
                $wrong[] = Wrong::with(
                    $drawn,
                    $first,
                    'It lies in series with '.$drawn->label($second).': neither gets the volts it is made for.',
                    'Give each of them a way back of its own.',
                );
            }
        }

        return $wrong;
    }
}
