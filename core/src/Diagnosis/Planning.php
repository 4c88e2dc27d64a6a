<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Circuit;

/** Compares what can be learned in one place, and with the unit standing one way, with what can be learned in another. */
final readonly class Planning
{
    /** Tests that are thought of in one plan, */
    private const LONG = 4;

    /** out of so many in each setting, */
    private const OUT_OF = 6;

    /** as long as each of them adds this, bits. */
    private const ADDS = 0.1;

    /** @param  \Closure(list<non-empty-list<int>>): float  $information  what outcomes tell, bits */
    public function __construct(private Circuit $circuit, private \Closure $information)
    {
    }

    /** @param  non-empty-list<Ranked>  $tests */
    public function best(array $tests): Plan
    {
        $settings = [];
        foreach ($tests as $ranked) {
            // points in two places take both of the ways
            $settings[$ranked->candidate->setting($this->circuit)." $ranked->way"][] = $ranked;
        }
        $best = null;
        foreach ($settings as $own) {
            // what going there costs is the same for all of them: the first to be done is the best by itself
            usort($own, static fn (Ranked $a, Ranked $b): int => $b->bits / $b->own <=> $a->bits / $a->own);
            $own = array_slice($own, 0, self::OUT_OF);
            if ($best === null || self::most($own) > $best->score) {
                $plan = $this->plan($own);
                $best = $best === null || $plan->score > $best->score ? $plan : $best;
            }
        }

        return $best;
    }

    /**
     * More than a plan of these can score.
     *
     * @param  non-empty-list<Ranked>  $tests
     */
    private static function most(array $tests): float
    {
        $bits = array_sum(array_map(static fn (Ranked $r): float => $r->bits, $tests));
        $own = min(array_map(static fn (Ranked $r): float => $r->own, $tests));

        return max($bits / ($tests[0]->way + self::LONG * $own), ...array_map(static fn (Ranked $r): float => $r->score(), $tests));
    }

    /** @param  non-empty-list<Ranked>  $tests  in one setting */
    private function plan(array $tests): Plan
    {
        $first = array_shift($tests);
        [$plan, $classes, $bits, $minutes] = [[$first], $first->outcomes, $first->bits, $first->way + $first->own];
        $score = $bits / $minutes;
        while ($tests !== [] && count($plan) < self::LONG) {
            [$most, $next, $finer] = [self::ADDS, null, []];
            foreach ($tests as $n => $test) {
                $both = self::finer($classes, $test->outcomes);
                $more = ($this->information)($both) - $bits;
                if ($more > $most) {
                    [$most, $next, $finer] = [$more, $n, $both];
                }
            }
            if ($next === null) {
                break;
            }
            [$classes, $bits, $minutes] = [$finer, $bits + $most, $minutes + $tests[$next]->own];
            $score = max($score, $bits / $minutes);
            $plan[] = $tests[$next];
            unset($tests[$next]);
        }

        return new Plan($plan, $score);
    }

    /**
     * What two tests tell apart between them.
     *
     * @param  list<non-empty-list<int>>  $ones
     * @param  list<non-empty-list<int>>  $others
     * @return list<non-empty-list<int>>
     */
    private static function finer(array $ones, array $others): array
    {
        $of = [];
        foreach ($ones as $n => $members) {
            foreach ($members as $v) {
                $of[$v] = $n;
            }
        }
        $classes = [];
        foreach ($others as $n => $members) {
            foreach ($members as $v) {
                $classes[$n.' '.$of[$v]][] = $v;
            }
        }

        return array_values($classes);
    }
}
