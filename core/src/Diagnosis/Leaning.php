<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Checks\Bench\Habit;
use Levin\Core\Checks\Bench\Habits;
use Levin\Core\Circuit\Circuit;
use Levin\Core\Operation\Model;

/**
 * What a shop would rather do: live or dead, across each part of a string or each side to common. It weighs minutes and hides nothing.
 * [practice, no published source]
 */
final readonly class Leaning
{
    /** By so much its minutes count more that a shop would rather not do first. */
    private const OTHER_KIND = 2.0;

    private const OTHER_WAY = 1.5;

    public function __construct(private Habits $habits = new Habits)
    {
    }

    /** On the minutes of a test. */
    public function factor(Candidate $candidate, Model $model): float
    {
        return $this->ofKind($candidate, $model->circuit) * $this->ofWay($candidate->test, $model);
    }

    private function ofKind(Candidate $candidate, Circuit $circuit): float
    {
        // eyes, hands and gauges are neither
        if (! in_array($candidate->test->act()->way, [Way::Meter, Way::OnWires], true)) {
            return 1.0;
        }
        $unwanted = $candidate->when->conditions->isPoweredDown($circuit) ? Habit::LIVE_FIRST : Habit::DEAD_FIRST;

        return $this->habits->are(Habit::LiveOrDead, $unwanted) ? self::OTHER_KIND : 1.0;
    }

    private function ofWay(Test $test, Model $model): float
    {
        $isVolts = $test instanceof Probe && $test->function->isVoltsAc();
        $unwanted = match (true) {
            $isVolts && self::isAcross($test, $model) => Habit::TO_COMMON,
            $isVolts && $model->circuit->partAt($test->red) !== $model->circuit->partAt($test->black) => Habit::ACROSS,
            // over a load or a source volts are read both ways at once
            default => null,
        };

        return $unwanted !== null && $this->habits->are(Habit::SeriesString, $unwanted) ? self::OTHER_WAY : 1.0;
    }

    /** Whether volts are read over something that stands in series with a load. */
    private static function isAcross(Probe $test, Model $model): bool
    {
        $part = $model->circuit->partAt($test->red);
        foreach ($model->parts[$part->id]->symbols() as $symbol) {
            $ends = [$part->point($symbol->left), $part->point($symbol->right)];
            if ($symbol->shape->isInSeries() && array_diff([$test->red, $test->black], $ends) === []) {
                return true;
            }
        }

        return false;
    }
}
