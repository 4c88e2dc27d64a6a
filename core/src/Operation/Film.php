<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Circuit\Condition;
use Levin\Core\Circuit\Conditions;
use Levin\Core\Parts\Faults;

/** What a unit does after the call comes on, frame by frame. */
final class Film
{
    /** A unit that goes round has shown all it does by then. [practice, no published source] */
    private const MOST = 40;

    /**
     * From the moment of the call, for as long as the story goes on.
     *
     * @param  Conditions  $called  with the call on
     * @return non-empty-list<Frame>
     */
    public static function of(Settler $settler, Conditions $called, Faults $faults): array
    {
        $model = $settler->model;
        $calls = array_filter($model->circuit->conditions, static fn (Condition $c): bool => $c->call);
        $rests = array_reduce($calls, static fn (Conditions $all, Condition $c): Conditions => $all->with($c->name, false), $called);
        $before = $settler->settle($rests, $faults)->allObserved();
        $frames = [];
        $stretches = (new Storyteller($model, $settler->networks))->tell($called, $faults)->stretches;
        foreach (array_slice($stretches, 0, self::MOST) as $stretch) {
            $now = $stretch->settled->allObserved();
            $steps = [];
            foreach (array_diff_assoc($now, $before) as $part => $does) {
                $steps[] = new SequenceStep($stretch->from, $part, $model->circuit->part($part)->label, $does);
            }
            $frames[] = new Frame($stretch->from, $stretch->until, $stretch->settled, $steps);
            $before = $now;
        }

        return $frames;
    }
}
