<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Meter\Meter;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Meter\MeterReading;
use Levin\Core\Meter\WrongInstrument;
use Levin\Core\Operation\Recent;
use Levin\Core\Operation\Settled;
use Levin\Core\Operation\Settler;
use Levin\Core\Parts\Faults;

/**
 * Says what each suspect would show, in each of its variants. Variant 0 is the healthy unit.
 */
final class Predictor
{
    /** Other terminals of a part that are thought of for a mistaken reading, each lead. */
    private const BESIDES = 3;

    /** Tests whose views are at hand: one that is asked again and again is the next one, or the one before. */
    private const TESTS = 12;

    /** @var non-empty-list<Suspect> the healthy unit first */
    public readonly array $suspects;

    /** @var non-empty-list<Faults> in force by variant, and by the numbers of those that count twice */
    public readonly array $variants;

    /** @var non-empty-list<int> number of the suspect by the same */
    public readonly array $suspectOf;

    private readonly Meter $meter;

    /** @var array<string, list<bool>> by conditions, and variant */
    private array $bolted = [];

    /** @var array{Occasion, Outlook}|null */
    private ?array $last = null;

    /** @var array{Occasion, Occasion}|null an occasion, and when the unit was fed before it */
    private ?array $fed = null;

    /** @var array<string, string> what is seen of a part with the power off */
    private array $atRest = [];

    /** @var Recent<ByVariant<non-empty-list<View>>> by leads and occasion */
    private readonly Recent $views;

    private function __construct(
        public readonly Settler $settler,
        private readonly Notebook $notebook,
        public readonly Lineup $lineup,
        private readonly Outlooks $outlooks,
        private readonly Remnants $remnants,
        private readonly Direct $direct,
        private readonly ?self $plain = null,
        public readonly ?Beliefs $beliefs = null,
    ) {
        $doubles = array_values($beliefs->doubles ?? []);
        $this->suspects = $lineup->suspects;
        $this->variants = [...$lineup->variants, ...array_map(static fn (int $v): Faults => $lineup->variants[$v], $doubles)];
        $this->suspectOf = [...$lineup->suspectOf, ...array_map(static fn (int $v): int => $lineup->suspectOf[$v], $doubles)];
        $this->meter = new Meter($settler);
        $this->views = new Recent(self::TESTS);
    }

    public static function of(Settler $settler, OutlookStore $store, Pause $pause = new NoPause): self
    {
        return self::with($settler, new Notebook($store, $pause), Lineup::of($settler->model), null);
    }

    /**
     * With some more suspects, that are not worth keeping.
     *
     * @param  list<Guess>  $guesses
     */
    public function widened(array $guesses): self
    {
        return self::with($this->settler, $this->notebook->scratch(), $this->lineup->with($guesses), $this);
    }

    /** @param  self|null  $narrower  what is known of the first of these suspects, by one that knows no others */
    private static function with(Settler $settler, Notebook $notebook, Lineup $lineup, ?self $narrower): self
    {
        $outlooks = new Outlooks($settler, $notebook, $lineup, $narrower?->outlooks);
        $remnants = new Remnants($outlooks, $notebook, $lineup, $narrower?->remnants);
        $direct = new Direct($outlooks, $notebook, $lineup, $narrower?->direct);

        return new self($settler, $notebook, $lineup, $outlooks, $remnants, $direct);
    }

    /** As it stands, when it has come to rest. */
    public function settled(int $variant, Conditions $conditions): Settled
    {
        return $this->outlooks->settled($variant, $conditions);
    }

    public function outlook(Conditions $conditions): Outlook
    {
        return $this->outlooks->under($conditions);
    }

    /** What every variant goes through on an occasion: as it has come about, or from when it is started again to be watched. */
    public function on(Occasion $when): Outlook
    {
        // it is asked for every variant in turn
        if ($this->last === null || $this->last[0] !== $when) {
            $this->last = [$when, $this->outlooks->on($when)];
        }

        return $this->last[1];
    }

    /** The outcomes of tests on one occasion, as far as they are known. */
    public function sheet(Occasion $when): Sheet
    {
        return $this->notebook->page(Sheet::class, $when->key());
    }

    /** Between two pieces of work. */
    public function pause(): void
    {
        $this->notebook->pause();
    }

    /** Keeps what it has worked out since it was last asked to. */
    public function keep(): void
    {
        $this->notebook->keep();
    }

    /**
     * Scenes that a variant goes through as it is started and watched.
     *
     * @return non-empty-array<int, float> share of that time by number
     */
    public function goneThrough(int $variant, Occasion $when, Noting $noting): array
    {
        return $this->on($when)->goneThrough($this->variant($variant), $noting);
    }

    /** What is seen of a part of a healthy unit with the power off; nothing of one that a pilot may feed: that is as its pilot is. */
    public function atRest(string $part, Conditions $conditions): string
    {
        if ($this->plain !== null) {
            return $this->plain->atRest($part, $conditions);
        }
        $model = $this->settler->model;
        $off = Conditions::poweredDown($model->circuit, $conditions);

        return $this->atRest["$part ".$off->key()] ??= $model->isFedByPilot($part) ? '' : $this->settled(0, $off)->observed($part);
    }

    /**
     * Which have blown or tripped what protects them against too much current: they must not be fed again before they are found.
     *
     * @return list<bool> by variant
     */
    public function bolted(Conditions $conditions): array
    {
        if ($this->plain !== null) {
            return $this->plain->bolted($conditions);
        }
        $energised = $conditions->energised($this->settler->model->circuit);

        return $this->bolted[$energised->key()] ??= array_map(
            fn (int $variant): bool => $this->isBolted($variant, $this->outlook($energised)),
            array_keys($this->variants),
        );
    }

    private function isBolted(int $variant, Outlook $outlook): bool
    {
        $model = $this->settler->model;
        $end = $outlook->end($variant)->posture->states;
        foreach ($model->parts as $id => $part) {
            if ($part->overcurrentDevice() !== null && ($end[$id] ?? '') !== ($model->initialStates[$id] ?? '')
                && $this->variants[$variant]->in($id) === []) {
                return true;
            }
        }

        return false;
    }

    /**
     * One variant's reading as a meter would take it there.
     *
     * @return float|null SI; null for OL, and where the function must not be used
     *
     * @throws UnknownName
     * @throws WrongInstrument for a clamp, which goes round wires
     */
    public function reading(int $variant, Leads $leads, Occasion $when): ?float
    {
        return $this->prediction($variant, $leads, $when)->value;
    }

    /** As one who knows what some variants are most probably going through now. */
    public function believing(Beliefs $beliefs): self
    {
        return new self($this->settler, $this->notebook, $this->lineup, $this->outlooks, $this->remnants, $this->direct, $this, $beliefs);
    }

    /** The variant that a number stands for. */
    public function variant(int $number): int
    {
        return $this->beliefs?->variant($number) ?? $number;
    }

    /** How a variant stands then: as it is believed to, or as it does most of the time. */
    public function scene(int $variant, Occasion $when): Scene
    {
        return $this->on($when)->at($this->sceneNumber($variant, $when));
    }

    public function sceneNumber(int $variant, Occasion $when): int
    {
        return $this->beliefs?->scene($variant, $when) ?? $this->on($when)->passages($this->variant($variant))->sceneNumber($when->after);
    }

    /**
     * What a meter for volts a.c. shows there, in any scene.
     *
     * @throws UnknownName
     */
    public function volts(Leads $leads, Occasion $when): Volts
    {
        return $this->outlooks->volts($leads, $when);
    }

    /**
     * One variant's as it stands.
     *
     * @throws UnknownName
     * @throws WrongInstrument for a clamp, which goes round wires
     */
    public function prediction(int $variant, Leads $leads, Occasion $when): Prediction
    {
        return match (true) {
            $leads->function->isVoltsAc() => $this->volts($leads, $when)->in($this->sceneNumber($variant, $when)),
            $leads->function === MeterFunction::VoltsDc => new Prediction($this->direct->reading($this->variant($variant), $leads, $when)),
            default => new Prediction($this->remnants->reading($this->variant($variant), $leads, $when, $this->cut($variant, $when))),
        };
    }

    /** The scene in which power was cut or will be, where that is believed to be known. */
    private function cut(int $variant, Occasion $when): ?int
    {
        if ($this->beliefs === null) {
            return null;
        }
        // it is asked for every variant in turn
        if ($this->fed === null || $this->fed[0] !== $when) {
            $this->fed = [$when, new Occasion($when->conditions->energised($this->settler->model->circuit))];
        }

        return $this->beliefs->cut($variant, $this->fed[1]);
    }

    /**
     * Between what a quantity of the world lies on an occasion.
     *
     * @return \Closure(int): non-empty-list<Span> of a variant
     *
     * @throws UnknownName
     */
    public function quantity(string $name, Occasion $when): \Closure
    {
        $model = $this->settler->model;
        $number = array_search($name, $model->circuit->measured(), true);
        if ($number === false) {
            throw UnknownName::condition($name, $model->circuit->measured());
        }
        $outlook = $this->on($when);

        return function (int $variant) use ($model, $name, $number, $outlook, $when): array {
            $implied = $model->implied($this->variants[$variant])[$name] ?? null;

            return $implied === null
                ? $outlook->passages($this->variant($variant))->spans($number, $when->after)
                : [new Span($implied[0], $implied[1], 1.0)];
        };
    }

    /** Microamperes d.c. of one variant as it stands. */
    public function inSeries(int $variant, Ammeter $ammeter, Occasion $when): Prediction
    {
        return new Prediction($this->direct->reading($this->variant($variant), $ammeter, $when));
    }

    /** The most volts or microamperes d.c. of one variant in its first seconds. */
    public function mostDirect(int $variant, Ammeter|Leads $on, Occasion $when): Prediction
    {
        $known = $this->variant($variant);
        $scenes = array_keys($this->goneThrough($known, $when, Noting::everything()));

        return new Prediction($this->direct->most($known, $scenes, $on, $when));
    }

    /**
     * Microamperes d.c. of some variants, in all that each may be found in then.
     *
     * @param  list<int>  $variants
     * @return array<int, non-empty-list<View>> by variant
     */
    public function viewsInSeries(Ammeter $ammeter, Occasion $when, array $variants): array
    {
        return $this->ranged($this->direct->views($ammeter, $when, $variants), $when);
    }

    /**
     * Some variants', in all that each may be found in then.
     *
     * @param  list<int>  $variants
     * @return array<int, non-empty-list<View>> by variant
     *
     * @throws UnknownName
     * @throws WrongInstrument for a clamp, which goes round wires
     */
    public function views(Leads $leads, Occasion $when, array $variants): array
    {
        return $this->views->of($leads->key().' '.$when->key(), fn (): ByVariant => new ByVariant(
            // what a healthy unit shows is thought of with every one
            fn (array $some): array => $this->viewsAnew($leads, $when, array_values(array_unique([0, ...$some]))),
        ))->of($variants);
    }

    /**
     * @param  list<int>  $variants
     * @return array<int, non-empty-list<View>> by variant
     *
     * @throws UnknownName
     * @throws WrongInstrument for a clamp, which goes round wires
     */
    private function viewsAnew(Leads $leads, Occasion $when, array $variants): array
    {
        return match (true) {
            $leads->function->isVoltsAc() => $this->viewsOf(
                $when,
                $variants,
                $this->volts($leads, $when)->in(...),
            ),
            $leads->function === MeterFunction::VoltsDc => $this->ranged($this->direct->views($leads, $when, $variants), $when),
            default => $this->ranged($this->remnants->views($leads, $when, $variants), $when),
        };
    }

    /**
     * Some variants', in all the scenes that each may be found in then.
     *
     * @param  list<int>  $variants
     * @param  \Closure(int): Prediction  $inScene
     * @return array<int, non-empty-list<View>> by variant
     */
    public function viewsOf(Occasion $when, array $variants, \Closure $inScene): array
    {
        $outlook = $this->on($when);
        $scenes = $views = [];
        foreach ($variants as $v) {
            $own = [];
            foreach ($outlook->passages($v)->views($when->after) as $n => $share) {
                $own[] = View::ofScene($scenes[$n] ??= $inScene($n), $share, $n);
            }
            $views[$v] = $own;
        }

        return $this->ranged($views, $when);
    }

    /**
     * Each level stands for what lies halfway to the next ones, as long as the unit does the same at both.
     *
     * @param  array<int, non-empty-list<View>>  $views  by variant, of whole suspects
     * @return array<int, non-empty-list<View>>
     */
    public function ranged(array $views, Occasion $when): array
    {
        $circuit = $this->settler->model->circuit;
        $outlook = $when->conditions->isEnergised($circuit) ? $this->on($when) : $this->outlook($when->conditions->energised($circuit));

        return (new Levels($this->suspects, $outlook))->ranged($views);
    }

    /**
     * What a hand may have done instead: one lead on another terminal of the same part.
     *
     * @return list<Leads>
     *
     * @throws UnknownName
     */
    public function besides(Leads $leads): array
    {
        $circuit = $this->settler->model->circuit;
        $others = static fn (string $point): array => array_slice($circuit->partAt($point)->pointsBeside($point), 0, self::BESIDES);
        $beside = [
            ...array_map(static fn (string $other): Leads => new Leads($leads->function, $other, $leads->black), $others($leads->red)),
            ...array_map(static fn (string $other): Leads => new Leads($leads->function, $leads->red, $other), $others($leads->black)),
        ];

        return array_values(array_filter($beside, static fn (Leads $p): bool => $p->red !== $p->black));
    }

    /**
     * The same as a meter would take it, with what it would have one know.
     *
     * @throws UnknownName
     * @throws WrongInstrument for a clamp, which goes round wires
     */
    public function metered(int $variant, Leads $leads, Conditions $conditions): MeterReading
    {
        return $this->meter->read($leads->function, $leads->red, $leads->black, $this->settled($variant, $conditions));
    }
}
