<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Parts\Faults;

/**
 * Tells what a unit goes through with its heat, timers and pressures moving, for as long as a visit waits and watches.
 *
 * Nothing burns out on the way: when it would is anyone's guess, and what has burnt is a fault of its own.
 *
 * A unit with a fault goes the way of the healthy one up to where the fault first matters, and is worked out from there.
 */
final class Storyteller
{
    /** More events than this are a unit that goes round: it has shown all it does. */
    private const MOST = 200;

    /** What lasts less is not caught with a meter, seconds. [practice, no published source] */
    public const BRIEF = 2.0;

    /** An overload has closed again by then, seconds. [practice, no published source] */
    public const COOLS = 1800.0;

    /** What has opened late is followed until it has closed again, or until then, seconds. [practice, no published source] */
    private const LATEST = 2 * Story::LONG;

    /** What has stood so long is at the speeds that it comes to, seconds. */
    private const STANDS = 60.0;

    /** Standing again as it has so often after so many seconds, it goes round. [practice, no published source] */
    private const ROUNDS = 4;

    private const AWHILE = 900.0;

    /** Quantities that differ by less than this share of themselves are where they were. */
    private const ALIKE = 0.05;

    /** @var array<string, Conditions> after a long time off, by conditions */
    private array $rested = [];

    private readonly Trails $trails;

    /** Of the healthy unit once power is off. */
    private readonly Trails $coolings;

    public function __construct(private readonly Model $model, private readonly Networks $networks)
    {
        $this->trails = new Trails($this->walked(...));
        $this->coolings = new Trails($this->cooledDown(...));
    }

    public function tell(Conditions $conditions, Faults $faults): Story
    {
        $trail = $this->trails->under($conditions);
        $parting = $trail->parting($faults);
        if ($parting === null) {
            return new Story($this->goOn(Course::begun($this->model, $this->networks, $conditions, $faults, wears: false)));
        }
        $tail = $this->goOn(Course::from($this->model, $this->networks, $parting, $faults, wears: false));
        $known = [];
        foreach ($tail as $stretch) {
            $known[$stretch->posture()] ??= $stretch->settled;
        }
        $before = [];
        foreach ($trail->restsBefore($parting) as [$moment, $seconds, $ends]) {
            if ($seconds >= self::BRIEF) {
                // where all stand alike one stands for all: speeds and heat make no difference that a meter shows
                $settled = $known[Stretch::postureOf($moment->states)] ??= $this->unmoved($moment, $faults);
                $begins = $moment->conditions->numbers();
                $before[] = new Stretch($moment->time, $moment->time + $seconds, $settled, $begins, $ends);
            }
        }

        return new Story([...$before, ...$tail]);
    }

    /** At a moment at which a fault moves nothing yet. */
    private function unmoved(Moment $moment, Faults $faults): Settled
    {
        [$states, $now, $omega] = [$moment->states, $moment->conditions, $this->model->omega];
        $network = $this->networks->changed($moment->network, $faults->targets(), $states, $faults, $now, $omega);
        [$re, $im] = $network->solve(...$this->networks->injection($states, $faults, $now, $omega));
        $warm = $moment->levels->warm($now, $this->model->parts);

        return new Settled($this->model, $warm, $faults, $states, $network, $re, $im, chattering: [], rounds: 1, elapsed: $moment->time);
    }

    /**
     * With pressures and temperatures where they come to while the unit is off: the same whatever is wrong with it, except where a pilot
     * feeds what goes on burning.
     *
     * @param  array<string, string>  $left  part states
     */
    public function rested(Conditions $conditions, Faults $faults, array $left = []): Conditions
    {
        [$own, $states] = $this->model->direct === [] ? [Faults::none(), []] : [$faults, $left];
        $off = Conditions::poweredDown($this->model->circuit, $conditions);
        $key = implode(' ', [$conditions->key(), ...$own->ids(), ...$states]);

        return $this->rested[$key] ??= $conditions->withNumbers(
            self::cooling(Course::begun($this->model, $this->networks, $off, $own, $states))->conditions()->numbers(),
        );
    }

    /**
     * Of a unit that is switched on after a while, as something left it: its pressures have come to rest.
     *
     * @param  array<string, string>  $left  part states
     * @param  list<string>  $hot  parts that are as hot as when they opened
     */
    public function tellAgain(Conditions $conditions, Faults $faults, array $left, array $hot = []): Story
    {
        $rested = $this->rested($conditions, $faults, $left);
        if ($left === $this->model->initialStates) {
            return $this->tell($rested, $faults);
        }
        $course = Course::begun($this->model, $this->networks, $rested, $faults, $left, wears: false, levels: Bodies::opened($hot));

        return new Story($this->goOn($course));
    }

    /**
     * What part states come to once power is off and all has cooled.
     *
     * @param  array<string, string>  $states  as they were when power was cut
     * @return array<string, string>
     */
    public function cooled(Conditions $off, Faults $faults, array $states): array
    {
        $trail = $this->coolings->under($off, $states);
        $end = $trail->isGoneWith($faults) ? $trail->end() : null;
        if ($end !== null) {
            return $end->states;
        }
        $parting = $trail->parting($faults);

        return self::cooling($parting === null
            ? Course::begun($this->model, $this->networks, $off, $faults, $states)
            : Course::from($this->model, $this->networks, $parting, $faults))->states();
    }

    private static function cooling(Course $course): Course
    {
        while ($course->time() < self::COOLS && $course->goOn(self::COOLS)) {
            continue;
        }

        return $course;
    }

    /** @param  array<string, string>  $states  as they were when power was cut */
    private function cooledDown(Conditions $off, array $states): Trail
    {
        $trail = new Trail($this->model, $this->networks);
        self::cooling(Course::begun($this->model, $this->networks, $off, Faults::none(), $states, trail: $trail));

        return $trail;
    }

    private function walked(Conditions $conditions): Trail
    {
        $trail = new Trail($this->model, $this->networks);
        $this->goOn(Course::begun($this->model, $this->networks, $conditions, Faults::none(), trail: $trail, wears: false));

        return $trail;
    }

    /** The same for two numbers that are as good as the same. */
    private static function near(float $number): int
    {
        return ($number <=> 0.0) * (int) round(log(1 + abs($number)) / self::ALIKE);
    }

    /** @return non-empty-list<Stretch> */
    private function goOn(Course $course): array
    {
        $stretches = $longest = $times = [];
        for ($n = 0; ; $n++) {
            [$from, $begins, $posture] = [$course->time(), $course->conditions()->numbers(), Stretch::postureOf($course->states())];
            // a pressure that still falls from round to round may yet open something
            $again = $posture.implode(' ', array_map(self::near(...), $begins));
            $times[$again] = ($times[$again] ?? 0) + 1;
            $goesRound = $from > self::AWHILE && $times[$again] > self::ROUNDS;
            $stood = $longest[$posture][1] ?? 0.0;
            $settled = $stood < self::STANDS ? $course->settled() : $longest[$posture][0];
            $moved = $n < self::MOST && ! $goesRound && $course->goOn($course->isReturning() ? self::LATEST : Story::LONG);
            $ends = $course->conditions()->numbers();
            $until = $moved ? $course->time() : max($course->time(), $from + self::BRIEF);
            if ($until - $from > $stood) {
                $longest[$posture] = [$settled, $until - $from];
            }
            $stretch = new Stretch($from, $until, $settled, $begins, $ends);
            if (! $moved) {
                $told = [...$stretches, $stretch];

                return array_map(static fn (Stretch $s): Stretch => $s->as($longest[$s->posture()][0] ?? $s->settled), $told);
            }
            if ($until - $from >= self::BRIEF) {
                $stretches[] = $stretch;
            }
        }
    }
}
