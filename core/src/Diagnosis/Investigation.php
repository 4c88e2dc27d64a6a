<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Meter\Clamped;
use Levin\Core\Meter\Meter;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Meter\MeterReading;
use Levin\Core\Meter\WrongInstrument;
use Levin\Core\Operation\Recent;

/**
 * Weighs what may be wrong with a circuit against the evidence, and finds the test that tells most.
 *
 * Single faults first; what they leave unexplained, two at once or one that comes and goes may explain.
 */
final readonly class Investigation
{
    /** Of the next tests, those that are thought ahead of. */
    private const TESTS = 3;

    /** What the last so many came to is not worked out again. */
    private const AT_HAND = 12;

    private Explanations $explanations;

    private Followed $start;

    /** @var Recent<Hearing> */
    private Recent $heard;

    /** @var Recent<Assessment> */
    private Recent $assessed;

    /** @var Recent<Assessment> before anything is learned: the same for every unit of the circuit */
    private Recent $begun;

    /**
     * @param  Predictor  $predictor  that may be asked by others too: what it has worked out is no call's own
     * @param  self|null  $other  of another unit of the same circuit, which may have begun as this one does
     */
    public function __construct(private Predictor $predictor, ?self $other = null)
    {
        $this->explanations = new Explanations($predictor);
        $this->start = new Followed;
        $this->heard = new Recent(self::AT_HAND);
        $this->assessed = new Recent(self::AT_HAND);
        /** @var Recent<Assessment> $none */
        $none = new Recent(self::AT_HAND);
        $this->begun = $other === null ? $none : $other->begun;
    }

    /** Of another unit of the same circuit, or of the same one on another day. */
    public function ofAnother(): self
    {
        return new self($this->predictor, $this);
    }

    public function predictor(): Predictor
    {
        return $this->predictor;
    }

    /**
     * @param  list<Evidence>  $evidence  in the order it was gathered
     *
     * @throws UnknownName when evidence names a part or point the circuit does not have
     */
    public function assess(array $evidence, Standpoint $from): Assessment
    {
        $recent = $evidence === [] ? $this->begun : $this->assessed;

        return $recent->of(self::key($evidence, $from), function () use ($evidence, $from): Assessment {
            $assessment = $this->hear($evidence, $from)->assessment();
            $this->predictor->keep();

            return $assessment;
        });
    }

    /**
     * What the evidence comes to, before anyone thinks of what to do next.
     *
     * @param  list<Evidence>  $evidence  in the order it was gathered
     *
     * @throws UnknownName when evidence names a part or point the circuit does not have
     */
    public function hear(array $evidence, Standpoint $from): Hearing
    {
        return $this->heard->of(self::key($evidence, $from), fn (): Hearing => $this->heardNow($evidence, $from));
    }

    /** @param  list<Evidence>  $evidence */
    private static function key(array $evidence, Standpoint $from): string
    {
        return implode("\n", array_map(static fn (Evidence $e): string => $e->says(), $evidence))."\n".$from->key();
    }

    /** @param  list<Evidence>  $evidence  in the order it was gathered */
    private function heardNow(array $evidence, Standpoint $from): Hearing
    {
        $predictor = $this->predictor;
        [$fits, $weighing, $isAll] = $this->screened($evidence, $from->fresh);
        $areSeveral = Episodes::among($evidence)->areSeveral();
        if (! $isAll && ($areSeveral || $weighing->unexplained() !== [])) {
            $fits = $this->ofAll($evidence);
            $weighing = $this->weigh($predictor, $evidence, $fits, $from->fresh);
        }
        $predictor->pause();
        $guesses = new Guesses($predictor, $weighing);
        $more = match (true) {
            $weighing->unexplained() !== [] => $guesses->all(),
            $areSeveral => [...$guesses->levels(), ...$guesses->intermittents()],
            default => $guesses->levels(),
        };
        if ($more !== []) {
            $predictor = $predictor->widened($more);
            $weighing = $this->weigh($predictor, $evidence, $this->ofMore($predictor, $evidence, $fits), $from->fresh);
        }

        return new Hearing($predictor, $weighing, $evidence, $from);
    }

    /**
     * Makes ready what evidence comes to of which the last piece is still being typed. What nobody explains may be half of it: that is
     * thought about once it is said.
     *
     * @param  list<Evidence>  $evidence  in the order it was gathered
     *
     * @throws UnknownName when evidence names a part or point the circuit does not have
     */
    public function suppose(array $evidence, Standpoint $from): void
    {
        [, $weighing] = $this->screened($evidence, $from->fresh);
        if (! in_array(count($evidence) - 1, $weighing->unexplained(), true)) {
            $this->assess($evidence, $from);
        }
    }

    /**
     * Works out ahead what will be asked once one of the next tests has been made: what each of its likely results comes to.
     *
     * @param  list<Evidence>  $evidence  in the order it was gathered
     * @param  Assessment  $assessment  of it
     */
    public function goAhead(array $evidence, Assessment $assessment, Standpoint $from): void
    {
        $circuit = $this->predictor->settler->model->circuit;
        $next = array_slice($assessment->next, 0, self::TESTS);
        $isFed = static fn (Advice $a): bool => $a->candidate->when->conditions->isEnergised($circuit);
        array_map($this->askEveryone(...), array_filter($next, $isFed));
        foreach ($next as $advice) {
            foreach (array_slice($advice->outcomes, 0, Telling::TOLD) as $result) {
                $when = $advice->candidate->when;
                $then = new Evidence($advice->candidate->test, $result->value, $when);
                $this->assess([...$evidence, $then], $from->under($when->conditions));
            }
        }
        // dead each takes long to work out
        array_map($this->askEveryone(...), array_filter($next, static fn (Advice $a): bool => ! $isFed($a)));
        $this->predictor->keep();
    }

    /** What all of them show at a test: who is out of play may come back by it. */
    private function askEveryone(Advice $advice): void
    {
        $this->predictor->pause();
        $then = new Evidence($advice->candidate->test, $advice->healthy, $advice->candidate->when);
        $then->fits($this->predictor, array_keys($this->predictor->variants));
    }

    /** Works out what is asked first of every call, and keeps it: how suspects stand as the unit should run, and as it is started again. */
    public function prepare(): void
    {
        $usual = Conditions::healthyDefaults($this->predictor->settler->model->circuit);
        $this->assess([], new Standpoint($usual));
        $started = $this->predictor->on(new Occasion($usual, 0.0));
        foreach (array_keys($this->predictor->variants) as $variant) {
            $started->passages($variant);
        }
        $this->predictor->keep();
    }

    /**
     * Of those who could still be right as each piece came, and of all where others could too.
     *
     * @param  list<Evidence>  $evidence
     * @param  list<string>  $fresh  parts that have been replaced
     * @return array{list<array<int, Fit>>, Weighing, bool} by piece and variant; weighed; whether all of them were asked
     */
    private function screened(array $evidence, array $fresh): array
    {
        $prior = $this->predictor->lineup->prior($fresh);
        $screening = Screening::of($this->predictor, $prior);
        $fits = [];
        foreach ($evidence as $item) {
            $own = $this->explanations->of($item, $screening->left);
            $screening = $screening->after($own);
            $own += count($own) < count($prior) ? array_fill_keys(array_keys($prior), Fit::noBetterThan($own)) : [];
            ksort($own);
            $fits[] = $own;
        }
        $weighing = $this->weigh($this->predictor, $evidence, $fits, $fresh);
        $isAll = count($screening->left) === count($prior);
        if ($isAll || ! $screening->hasDroppedTooMuch($weighing->posterior)) {
            return [$fits, $weighing, $isAll];
        }
        $fits = $this->ofAll($evidence);

        return [$fits, $this->weigh($this->predictor, $evidence, $fits, $fresh), true];
    }

    /**
     * @param  list<Evidence>  $evidence
     * @return list<array<int, Fit>> by piece and variant
     */
    private function ofAll(array $evidence): array
    {
        $all = array_keys($this->predictor->variants);

        return array_map(fn (Evidence $item): array => $this->explanations->of($item, $all), $evidence);
    }

    /**
     * @param  list<Evidence>  $evidence
     * @param  list<array<int, Fit>>  $fits  of the single ones
     * @return list<array<int, Fit>>
     */
    private function ofMore(Predictor $widened, array $evidence, array $fits): array
    {
        $more = array_values(array_diff(array_keys($widened->variants), array_keys($this->predictor->variants)));

        return array_map(static function (Evidence $item, array $own) use ($widened, $more): array {
            $own += $item->fits($widened, $more);
            foreach ($widened->lineup->miswired() as $v) {
                $own[$v] = $own[0]->asAnyWiring();
            }

            return $own;
        }, $evidence, $fits);
    }

    /**
     * @param  list<Evidence>  $evidence
     * @param  list<array<int, Fit>>  $fits  by piece and variant
     * @param  list<string>  $fresh  parts that have been replaced
     */
    private function weigh(Predictor $predictor, array $evidence, array $fits, array $fresh): Weighing
    {
        return new Weighing(
            $predictor->lineup->prior($fresh),
            array_map(static fn (array $own): array => $own === []
                ? throw new \LogicException('The healthy unit is always asked.')
                : array_values($own), $fits),
            $predictor->suspectOf,
            array_map(static fn (Evidence $item): string => $item->whenever(), $evidence),
            Episodes::among($evidence),
            Sittings::among($predictor->settler->model->circuit, $evidence),
            $predictor->lineup->comeAndGo(),
            $this->start,
        );
    }

    /**
     * What tells whether a part or wire is good by itself.
     *
     * @param  list<Evidence>  $evidence  in the order it was gathered
     * @return list<Advice>
     *
     * @throws UnknownName when the target, or evidence, names what the circuit does not have
     */
    public function byItself(string $target, array $evidence, Standpoint $from): array
    {
        return (new Alone($this->predictor, $from, $this->assess($evidence, $from)->posterior))->tests($target);
    }

    /**
     * What tells under load whether a part does what it should.
     *
     * @param  list<Evidence>  $evidence  in the order it was gathered
     * @return list<Advice>
     *
     * @throws UnknownName when the part, or evidence, names what the circuit does not have
     */
    public function underLoad(string $part, array $evidence, Standpoint $from): array
    {
        return (new Alone($this->predictor, $from, $this->assess($evidence, $from)->posterior))->fed($part);
    }

    /** @return list<Candidate> every test there is, as the drawing has the parts: looks and volts first, then the parts one by one, dead */
    public function every(Conditions $now): array
    {
        return (new Offers($this->predictor, new Standpoint($now)))->every($now);
    }

    /**
     * Those of them that have not been made, as the unit stood when something was last learned.
     *
     * @param  non-empty-list<Evidence>  $evidence
     * @return list<Candidate>
     */
    public function left(array $evidence): array
    {
        $done = array_map(static fn (Evidence $e): string => $e->key(), $evidence);

        return array_values(array_filter(
            $this->every($evidence[count($evidence) - 1]->when->conditions),
            static fn (Candidate $c): bool => ! in_array($c->key(), $done, true),
        ));
    }

    /**
     * What a healthy unit shows, whatever the function; a reading that is not valid where the function must not be used.
     *
     * @throws UnknownName
     * @throws WrongInstrument for a clamp, which goes round wires
     */
    public function expected(MeterFunction $function, string $red, string $black, Conditions $conditions): MeterReading
    {
        return $this->predictor->metered(0, new Leads($function, $red, $black), $conditions);
    }

    /**
     * What a healthy unit shows where the instrument goes on wires.
     *
     * @param  string  $wires  joined by +, ~ before one that goes against its direction
     *
     * @throws UnknownName
     */
    public function expectedOnWires(MeterFunction $function, string $wires, int $turns, Conditions $conditions): MeterReading
    {
        $settled = $this->predictor->settled(0, $conditions);
        $meter = new Meter($this->predictor->settler);

        return $function === MeterFunction::Amps
            ? $meter->clamp(array_map(Clamped::parse(...), explode('+', $wires)), $settled, $turns)
            : $meter->inSeries($wires, $settled);
    }
}
