<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Circuit\Condition;
use Levin\Core\Circuit\Conditions;
use Levin\Core\Parts\Faults;

/** What a healthy unit does after the call comes on, in order: all that eyes and ears can follow. */
final class Sequence
{
    /** Seconds. [practice, no published source] */
    private const MOMENT = 5.0;

    /**
     * From the moment of the call; as long as the story of a healthy unit goes on.
     *
     * @return list<SequenceStep>
     */
    public static function of(Settler $settler): array
    {
        $model = $settler->model;
        $called = Conditions::healthyDefaults($model->circuit)->calling($model->circuit);
        $calls = array_filter($model->circuit->conditions, static fn (Condition $c): bool => $c->call);
        $rests = array_reduce($calls, static fn (Conditions $all, Condition $c): Conditions => $all->with($c->name, false), $called);
        $before = $settler->settle($rests, Faults::none())->allObserved();
        $steps = [];
        foreach ((new Storyteller($model, $settler->networks))->tell($called, Faults::none())->stretches as $stretch) {
            $now = $stretch->settled->allObserved();
            foreach (array_diff_assoc($now, $before) as $part => $does) {
                $steps[] = new SequenceStep($stretch->from, $part, $model->circuit->part($part)->label, $does);
            }
            $before = $now;
        }

        return array_values(array_filter($steps, static fn (SequenceStep $step): bool => ! self::isOverInAMoment($step, $steps)));
    }

    /**
     * A motor that hums as it comes up: nobody follows that.
     *
     * @param  list<SequenceStep>  $steps
     */
    private static function isOverInAMoment(SequenceStep $step, array $steps): bool
    {
        foreach ($steps as $other) {
            if ($other->part === $step->part && $other->at > $step->at && $other->at - $step->at < self::MOMENT) {
                return true;
            }
        }

        return false;
    }
}
