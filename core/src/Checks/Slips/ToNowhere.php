<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Slips;

/** A wire to a terminal that nothing leads on from. */
final class ToNowhere extends Slip
{
    #[\Override]
    public function in(Drawn $drawn): array
    {
        $circuit = $drawn->model->circuit;
        $landed = [];
        foreach ($circuit->wires as $wire) {
            $landed[$wire->from][] = $landed[$wire->to][] = $wire->id;
        }
        $within = $drawn->within();
        $wrong = [];
        foreach ($drawn->model->parts as $kind) {
            foreach ($kind->isForProbes() ? [] : $kind->part->terminals as $terminal) {
                $point = $kind->part->point($terminal);
                if (count($landed[$point] ?? []) === 1 && ! isset($within[$point])) {
                    $what = "It leads to $point and no further.";
                    $wrong[] = Wrong::with($drawn, $landed[$point][0], $what, 'Wire what belongs there, or take it out.');
                }
            }
        }

        return $wrong;
    }
}
