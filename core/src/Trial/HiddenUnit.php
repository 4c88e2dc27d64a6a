<?php

declare(strict_types=1);

namespace Levin\Core\Trial;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Diagnosis\Candidates;
use Levin\Core\Diagnosis\Feel;
use Levin\Core\Diagnosis\Hand;
use Levin\Core\Diagnosis\Likelihood;
use Levin\Core\Diagnosis\Look;
use Levin\Core\Diagnosis\Probe;
use Levin\Core\Diagnosis\Tripped;
use Levin\Core\Meter\Meter;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Meter\MeterReading;
use Levin\Core\Operation\Course;
use Levin\Core\Operation\Settled;
use Levin\Core\Operation\Settler;
use Levin\Core\Operation\Story;
use Levin\Core\Operation\Storyteller;
use Levin\Core\Parts\Faults;
use Levin\Core\Parts\Sign;

/** A unit with something wrong, as time passes, and a hand at it that is not always right. */
final class HiddenUnit implements Hand
{
    /** Moments in which nothing ends: a unit that goes round faster than anyone looks. */
    private const MOST = 3000;

    /** Someone who waits looks up so often, seconds. [practice, no published source] */
    private const GLANCE = 60.0;

    /** What comes and goes lasts so long on average, either way, seconds. [practice, no published source] */
    private const LASTS = 900.0;

    /** Volts at a point above which it is not dead. [practice, no published source] */
    private const LIVE = 2.0;

    private readonly Course $course;

    private readonly Meter $meter;

    private int $seen = 0;

    private bool $isThere = true;

    /** @var list<string> keys of the tests that were mistaken */
    private array $slips = [];

    public function __construct(
        private readonly Settler $settler,
        private readonly Conditions $fed,
        private Faults $faults,
        private readonly bool $comesAndGoes,
        private readonly Luck $luck,
        private readonly Dice $dice,
    ) {
        $this->course = Course::begun($settler->model, $settler->networks, $fed, $faults, wears: false);
        $this->meter = new Meter($settler);
    }

    /** Lets time pass, and a little more while it moves too fast to be looked at; what comes and goes has come or gone. */
    public function wait(float $seconds): void
    {
        $this->comeOrGo($seconds);
        $until = $this->course->time() + $seconds;
        while ($this->seen++ < self::MOST && $this->course->time() < $until) {
            if ($this->course->goOn($until)) {
                $until = max($until, $this->course->time() + Storyteller::BRIEF);
            }
        }
    }

    /** What comes and goes stays for a while, either way. */
    private function comeOrGo(float $seconds): void
    {
        if ($this->comesAndGoes && $this->dice->chance((1 - exp(-2 * $seconds / self::LASTS)) / 2)) {
            $this->isThere = ! $this->isThere;
            $this->course->fail($this->isThere ? $this->faults : Faults::none());
        }
    }

    /** The unit as it is set now; switched on again, its reset buttons pressed first, as whoever reads the advice is taken to do. */
    public function change(Conditions $conditions): void
    {
        $circuit = $this->settler->model->circuit;
        if ($this->course->conditions()->isPoweredDown($circuit) && $conditions->isEnergised($circuit)) {
            $this->pressResets();
        }
        // what the world has come to stays; what a hand sets is set
        $this->course->change($conditions->withNumbers($this->course->conditions()->numbers()));
    }

    /** Off, and on again after a while, the reset buttons pressed. */
    public function restart(): void
    {
        $now = $this->course->conditions();
        $this->change(Conditions::poweredDown($this->settler->model->circuit, $now));
        $this->wait(Candidates::STANDS_OFF * 60);
        $this->change($now);
    }

    private function pressResets(): void
    {
        $states = $this->settled()->states;
        foreach (array_diff_assoc($this->settler->model->afterResets($states), $states) as $part => $state) {
            $this->course->put($part, $state);
        }
    }

    /**
     * Parts are replaced; what has blown or tripped is put right as well.
     *
     * @param  list<string>  $faults  ids
     */
    public function mend(array $faults): void
    {
        $this->faults = $this->faults->without(...array_map($this->settler->model->faults->find(...), $faults));
        $this->course->fail($this->isThere ? $this->faults : Faults::none());
        foreach ($this->settler->model->parts as $id => $part) {
            $this->course->put($id, $part->afterReset($this->settled()->states[$id] ?? ''));
        }
    }

    /** @return list<string> keys of the tests that were mistaken */
    public function slips(): array
    {
        return $this->slips;
    }

    public function settled(): Settled
    {
        return $this->course->settled();
    }

    /** @return array<string, list<string>> what each machine has been seen to do by turns, of a unit that is not always as it is now */
    public function complaint(): array
    {
        if (! $this->comesAndGoes) {
            return [];
        }
        $storyteller = $this->settler->storyteller();
        [$failed, $sound] = array_map(
            fn (Faults $faults): Story => $storyteller->tell($this->fed, $faults),
            [$this->faults, Faults::none()],
        );
        $seen = [];
        foreach (array_keys($this->settler->model->machines) as $id) {
            $usual = self::does($sound, $id);
            $strange = array_diff_key(self::does($failed, $id), $usual);
            $seen += $strange === [] ? [] : [$id => [(string) array_key_first($strange), (string) array_key_first($usual)]];
        }

        return $seen;
    }

    /** @return array<string, float> what a machine is seen to do in the course of a story, each with its seconds, the longest first */
    private static function does(Story $story, string $part): array
    {
        $seconds = [];
        foreach ($story->stretches as $stretch) {
            $seen = $stretch->settled->observed($part);
            $seconds[$seen] = ($seconds[$seen] ?? 0.0) + $stretch->until - $stretch->from;
        }
        arsort($seconds);

        return $seconds;
    }

    /** Whether a point is live, whatever anyone believes. */
    public function isLive(string ...$points): bool
    {
        $settled = $this->settled();

        return max(0.0, ...array_map(static fn (string $point): float => $settled->at($point)->abs(), $points)) > self::LIVE;
    }

    #[\Override]
    public function look(string $part): string
    {
        return $this->course->observed($part);
    }

    #[\Override]
    public function measure(MeterFunction $function, string $red, string $black): ?float
    {
        $shown = $this->read($function, $red, $black, $this->settled());
        if ($this->dice->chance($this->luck->wrong)) {
            $beside = $this->beside($red);
            if ($beside !== null && $beside !== $black) {
                $right = $shown;
                $shown = $this->read($function, $beside, $black, $this->settled());
                // what the next screw shows as well is no mistake
                if (count(Likelihood::apart($function, [$right, $shown])) > 1) {
                    $this->slips[] = (new Probe($function, $red, $black))->key();
                }
            }
        }

        return $shown;
    }

    #[\Override]
    public function clamp(array $wires, int $turns): ?float
    {
        return $this->noisy($this->meter->clamp($wires, $this->settled(), $turns));
    }

    #[\Override]
    public function inSeries(string $wire): ?float
    {
        return $this->noisy($this->meter->inSeries($wire, $this->settled()));
    }

    #[\Override]
    public function await(string $part, float $seconds): string
    {
        $before = $this->course->observed($part);
        for ($waited = 0.0; $waited < $seconds && $this->course->observed($part) === $before; $waited += self::GLANCE) {
            $this->wait(self::GLANCE);
        }

        return $this->course->observed($part);
    }

    #[\Override]
    public function gauge(string $quantity): float
    {
        $implied = $this->settler->model->implied($this->faults)[$quantity] ?? null;

        return $implied !== null
            ? $this->dice->between(...$implied)
            : $this->course->conditions()->number($quantity) * (1 + $this->luck->noise * $this->dice->normal());
    }

    #[\Override]
    public function feel(string $target, Sign $sort): Sign
    {
        $circuit = $this->settler->model->circuit;
        $now = $this->course->conditions();
        $hums = isset($this->settler->model->parts[$target])
            && $this->settler->settle($now->energised($circuit), $this->faults)->observed($target) === Look::HUMS;
        $found = $sort->alternatives()[0];
        foreach (Feel::chances($target, $sort, $this->faults, $hums, $now->isEnergised($circuit)) as $sign => $chance) {
            $found = Sign::from($sign) !== $sort->alternatives()[0] && $this->dice->chance($chance) ? Sign::from($sign) : $found;
        }

        return $found;
    }

    #[\Override]
    public function opensAfter(string $part): string
    {
        $course = Course::begun(
            $this->settler->model,
            $this->settler->networks,
            $this->course->conditions()->calling($this->settler->model->circuit),
            $this->faults,
            wears: false,
        );
        $closed = $this->settler->model->initialStates[$part] ?? '';
        for ($n = 0; $n < self::MOST && $course->states()[$part] === $closed; $n++) {
            if (! $course->goOn(Story::LONG)) {
                return Tripped::NEVER;
            }
        }

        return Tripped::word($course->time());
    }

    #[\Override]
    public function watch(string $part, float $seconds): array
    {
        $seen = array_map(static fn (Settled $settled): string => $settled->observed($part), $this->through($seconds));

        return array_values(array_intersect($this->settler->model->parts[$part]->observables(), $seen));
    }

    #[\Override]
    public function mostInSeries(string $wire, float $seconds): float
    {
        return max([0.0, ...array_map(
            fn (Settled $settled): float => $this->noisy($this->meter->inSeries($wire, $settled)) ?? 0.0,
            $this->through($seconds),
        )]);
    }

    #[\Override]
    public function peak(MeterFunction $volts, string $red, string $black, float $seconds): float
    {
        $model = $this->settler->model;
        $relay = $model->contactBetween($red, $black);
        $stood = $this->through($seconds);
        if ($relay !== null) {
            $off = Conditions::poweredDown($model->circuit, $this->course->conditions());
            $dropped = $this->settler->settle($off, Faults::none())->observed($relay);
            $stood = array_values(array_filter($stood, static fn (Settled $settled): bool => $settled->observed($relay) !== $dropped));
        }

        return max([0.0, ...array_map(
            fn (Settled $settled): float => abs($this->read($volts, $red, $black, $settled) ?? 0.0),
            $stood,
        )]);
    }

    /** @return list<Settled> all that stands long enough to be looked at while time passes */
    private function through(float $seconds): array
    {
        $until = $this->course->time() + $seconds;
        $stood = [];
        while ($this->seen++ < self::MOST && $this->course->time() < $until) {
            [$began, $settled] = [$this->course->time(), $this->course->settled()];
            $this->course->goOn($until);
            if ($this->course->time() - $began >= Storyteller::BRIEF) {
                $stood[] = $settled;
            }
        }

        return $stood;
    }

    private function read(MeterFunction $function, string $red, string $black, Settled $settled): ?float
    {
        $reading = $function->isDeadTest()
            ? $this->meter->readDead($function, $red, $black, $this->settler->dead(
                $settled->conditions,
                $settled->faults,
                $settled->states,
                Meter::testOmega($function),
            ))
            : $this->meter->read($function, $red, $black, $settled);

        return $this->noisy($reading);
    }

    private function noisy(MeterReading $reading): ?float
    {
        return $reading->overload || $reading->value === null ? null : $reading->value * (1 + $this->luck->noise * $this->dice->normal());
    }

    /** Another terminal of the same part. */
    private function beside(string $point): ?string
    {
        $others = $this->settler->model->circuit->partAt($point)->pointsBeside($point);

        return $others === [] ? null : $this->dice->pick($others);
    }
}
