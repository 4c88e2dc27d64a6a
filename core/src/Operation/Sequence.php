<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

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
        $called = Conditions::healthyDefaults($settler->model->circuit)->calling($settler->model->circuit);
        $frames = Film::of($settler, $called, Faults::none());
        $steps = array_merge(...array_map(static fn (Frame $f): array => $f->steps, $frames));

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
