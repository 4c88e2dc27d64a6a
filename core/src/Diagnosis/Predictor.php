<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Meter\Meter;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Meter\MeterReading;
use Levin\Core\Meter\WrongInstrument;
use Levin\Core\Network\Factorisation;
use Levin\Core\Operation\Settled;
use Levin\Core\Operation\Settler;
use Levin\Core\Operation\Story;
use Levin\Core\Operation\Storyteller;
use Levin\Core\Parts\Faults;

/**
 * Says what each suspect would show, in each of its variants. Variant 0 is the healthy unit.
 */
final class Predictor
{
    /** Other terminals of a part that are thought of for a mistaken reading, each lead. */
    private const BESIDES = 3;

    /** Networks of dead units kept at once: each is some kilobytes. */
    private const NETWORKS = 300;

    /** Ways a unit may be left once power is off that are told apart. */
    private const REMAINS = 6;

    /** @var non-empty-list<Suspect> the healthy unit first */
    public readonly array $suspects;

    /** @var non-empty-list<Faults> in force by variant */
    public readonly array $variants;

    /** @var non-empty-list<int> number of the suspect by variant */
    public readonly array $suspectOf;

    private readonly Meter $meter;

    private readonly Storyteller $storyteller;

    /** @var array<string, Factorisation> */
    private array $dead = [];

    /** @var array<string, Sheet> by occasion */
    private array $sheets = [];

    /** @var array<string, list<bool>> by conditions, and variant */
    private array $bolted = [];

    /** @var array<string, string> what is seen of a part with the power off */
    private array $atRest = [];

    /** @var array<string, array<string, string>> part states */
    private array $cooled = [];

    /** @var array<string, non-empty-list<Remains>> */
    private array $remains = [];

    /** @param  self|null  $narrower  what is known of the first of these suspects, by one that knows no others */
    private function __construct(
        public readonly Settler $settler,
        private readonly OutlookStore $store,
        public readonly Lineup $lineup,
        private readonly ?self $narrower,
    ) {
        [$this->suspects, $this->variants, $this->suspectOf] = [$lineup->suspects, $lineup->variants, $lineup->suspectOf];
        $this->meter = new Meter($settler);
        $this->storyteller = new Storyteller($settler->model, $settler->networks);
    }

    public static function of(Settler $settler, OutlookStore $store): self
    {
        return new self($settler, $store, Lineup::of($settler->model), null);
    }

    /**
     * With some more suspects, that are not worth keeping.
     *
     * @param  list<Guess>  $guesses
     */
    public function widened(array $guesses): self
    {
        return new self($this->settler, new MemoryOutlooks, $this->lineup->with($guesses), $this);
    }

    /** As it stands, when it has come to rest. */
    public function settled(int $variant, Conditions $conditions): Settled
    {
        $circuit = $this->settler->model->circuit;
        $ran = $conditions->isEnergised($circuit)
            ? null
            : $this->outlook($conditions->energised($circuit))->end($variant)->posture->states;

        return $this->settler->standing($conditions, $this->variants[$variant], $ran);
    }

    public function outlook(Conditions $conditions): Outlook
    {
        return $this->store->outlook($conditions->key(), function () use ($conditions): Outlook {
            $isFed = $conditions->isEnergised($this->settler->model->circuit);

            return $this->painted($this->narrower?->outlook($conditions), fn (int $variant): Story => $isFed
                ? $this->storyteller->tell($conditions, $this->variants[$variant])
                : Story::of($this->settled($variant, $conditions)));
        });
    }

    /**
     * @param  Outlook|null  $known  of the narrower line-up: what it has is not worked out again
     * @param  \Closure(int): Story  $tell  a variant's
     */
    private function painted(?Outlook $known, \Closure $tell): Outlook
    {
        $painter = new Painter($this->settler->model);
        foreach (array_keys($this->variants) as $variant) {
            $known !== null && ($variant < count($known->passages) || $this->comesAndGoes($variant))
                ? $painter->copy($known, ...$this->asKnown($variant))
                : $painter->add($tell($variant));
        }

        return $painter->outlook();
    }

    private function comesAndGoes(int $variant): bool
    {
        return $this->suspects[$this->suspectOf[$variant]]->comesAndGoes;
    }

    /** @return non-empty-list<int> variants of the narrower line-up that it goes like: one, or now the healthy one and now another */
    private function asKnown(int $variant): array
    {
        return $this->comesAndGoes($variant)
            ? [0, (int) array_search($this->variants[$variant], $this->variants, false)]
            : [$variant];
    }

    /** What every variant goes through on an occasion: as it has come about, or from when it is started again to be watched. */
    public function on(Occasion $when): Outlook
    {
        return $when->after === null ? $this->outlook($when->conditions) : $this->startedAgain($when->conditions);
    }

    /** From when it is switched on again, its reset buttons pressed: what has blown stays so. */
    private function startedAgain(Conditions $conditions): Outlook
    {
        return $this->store->outlook('again '.$conditions->key(), function () use ($conditions): Outlook {
            $off = Conditions::poweredDown($this->settler->model->circuit, $conditions);
            $first = $this->outlook($conditions);

            $tell = function (int $variant) use ($conditions, $off, $first): Story {
                $cut = $this->settler->statesWhenDead($first->end($variant)->posture->states);
                $left = $this->settler->model->afterResets($this->cooled($variant, $off, $cut));

                return $this->storyteller->tellAgain($conditions, $this->variants[$variant], $left);
            };

            return $this->painted($this->narrower?->startedAgain($conditions), $tell);
        });
    }

    /** The outcomes of tests on one occasion, as far as they are known. */
    public function sheet(Occasion $when): Sheet
    {
        return $this->sheets[$when->key()] ??= $this->store->sheet($when->key());
    }

    /** Keeps what it has worked out since it was last asked to. */
    public function keep(): void
    {
        foreach ($this->sheets as $key => $sheet) {
            $this->store->keep($key, $sheet);
        }
    }

    /**
     * Scenes that a variant goes through in its first seconds.
     *
     * @return non-empty-list<int> numbers, each once
     */
    public function goneThrough(int $variant, Occasion $when, float $seconds): array
    {
        return array_keys($this->on($when)->within($variant, $seconds));
    }

    /** What is seen of a part of a healthy unit with the power off. */
    public function atRest(string $part, Conditions $conditions): string
    {
        $off = Conditions::poweredDown($this->settler->model->circuit, $conditions);

        return $this->atRest["$part ".$off->key()] ??= $this->settled(0, $off)->observed($part);
    }

    /**
     * Which have blown or tripped what protects them against too much current: they must not be fed again before they are found.
     *
     * @return list<bool> by variant
     */
    public function bolted(Conditions $conditions): array
    {
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
        if ($leads->function === MeterFunction::VoltsAc) {
            return $this->inScene($leads, $when, $this->on($when)->sceneNumber($variant, $when->after))->value;
        }

        return $this->deadReading($leads, $when->conditions, $this->remains($variant, $when)[0]);
    }

    /**
     * Volts in a scene, with whether they are a ghost's.
     *
     * @throws UnknownName
     */
    public function inScene(Leads $leads, Occasion $when, int $scene): Prediction
    {
        $model = $this->settler->model;
        [$a, $b] = [$model->node($leads->red), $model->node($leads->black)];
        $shown = $this->on($when)->scenes[$scene];

        return new Prediction($shown->volts($a, $b, Meter::INPUT_OHMS), $shown->isGhost($a, $b));
    }

    /**
     * One variant's as it stands.
     *
     * @throws UnknownName
     * @throws WrongInstrument for a clamp, which goes round wires
     */
    public function prediction(int $variant, Leads $leads, Occasion $when): Prediction
    {
        return $leads->function === MeterFunction::VoltsAc
            ? $this->inScene($leads, $when, $this->on($when)->sceneNumber($variant, $when->after))
            : new Prediction($this->reading($variant, $leads, $when));
    }

    /**
     * Every variant's, in all that it may be found in then.
     *
     * @return non-empty-list<non-empty-list<View>> by variant
     *
     * @throws UnknownName
     * @throws WrongInstrument for a clamp, which goes round wires
     */
    public function views(Leads $leads, Occasion $when): array
    {
        if ($leads->function !== MeterFunction::VoltsAc) {
            return $this->ranged($this->deadViews($leads, $when), $when);
        }
        $outlook = $this->on($when);
        $scenes = array_map(fn (int $n): Prediction => $this->inScene($leads, $when, $n), array_keys($outlook->scenes));
        $views = [];
        foreach (array_keys($this->variants) as $v) {
            $own = [];
            foreach ($outlook->views($v, $when->after) as $n => $share) {
                $own[] = new View($scenes[$n], $share, $n);
            }
            $views[] = $own;
        }

        return $this->ranged($views, $when);
    }

    /**
     * Each level stands for what lies halfway to the next ones, as long as the unit does the same at both.
     *
     * @param  non-empty-list<non-empty-list<View>>  $views  by variant
     * @return non-empty-list<non-empty-list<View>>
     */
    public function ranged(array $views, Occasion $when): array
    {
        $circuit = $this->settler->model->circuit;
        $outlook = $when->conditions->isEnergised($circuit) ? $this->on($when) : $this->outlook($when->conditions->energised($circuit));
        $scene = static fn (int $v, View $view): Scene => $view->scene < 0 ? $outlook->scene($v) : $outlook->scenes[$view->scene];
        $posture = static fn (int $v, View $view): string => $scene($v, $view)->posture->key;
        foreach ($this->suspects as $suspect) {
            $levels = array_map(static fn (int $v): array => $views[$v], $suspect->variants);
            foreach (count($levels) > 1 ? $suspect->variants : [] as $n => $v) {
                [$less, $more] = [$suspect->variants[$n - 1] ?? null, $suspect->variants[$n + 1] ?? null];
                $beside = static fn (?int $w, View $view): ?Prediction => $w === null ? null : self::alike(
                    $levels[$w < $v ? $n - 1 : $n + 1],
                    $posture($v, $view),
                    static fn (View $other): string => $posture($w, $other),
                );
                $views[$v] = array_map(
                    static fn (View $view): View => $view->upTo($beside($less, $view), $beside($more, $view)),
                    $levels[$n],
                );
            }
        }

        return $views;
    }

    /**
     * The one of a level's views in which the unit stands alike.
     *
     * @param  non-empty-list<View>  $views
     * @param  \Closure(View): string  $of  posture
     */
    private static function alike(array $views, string $posture, \Closure $of): ?Prediction
    {
        foreach ($views as $view) {
            if ($of($view) === $posture) {
                return $view->prediction;
            }
        }

        return null;
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
     * Every variant's on a dead circuit, in all that may be left of it.
     *
     * @return non-empty-list<non-empty-list<View>> by variant
     */
    private function deadViews(Leads $leads, Occasion $when): array
    {
        $known = $this->narrower?->deadViews($leads, $when) ?? [];
        $remains = array_map(
            fn (int $v): array => $this->remains($v, $when),
            array_slice(array_keys($this->variants), count($known)),
        );
        $readings = $this->store->readings($leads->key().' '.$when->key(), fn (): array => array_map(
            fn (array $own): array => array_map(fn (Remains $r): ?float => $this->deadReading($leads, $when->conditions, $r), $own),
            $remains,
        ));

        $views = [...$known, ...array_map(static fn (array $own, array $values): array => array_map(
            static fn (Remains $r, ?float $value): View => new View(new Prediction($value), $r->share, $r->number),
            $own,
            $values,
        ), $remains, $readings)];

        return $views === [] ? throw new \LogicException('The healthy unit is always among them.') : $views;
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

    private function deadReading(Leads $leads, Conditions $conditions, Remains $remains): ?float
    {
        $omega = Meter::testOmega($leads->function);
        if (count($this->dead) > self::NETWORKS) {
            $this->dead = [];
        }
        $network = $this->dead["$remains->number@$omega ".$conditions->key()]
            ??= $this->settler->dead($conditions, $remains->faults, $remains->states, $omega);
        $reading = $this->meter->readDead($leads->function, $leads->red, $leads->black, $network);

        return $reading->overload ? null : $reading->value;
    }

    /**
     * What may be left of a variant once power is off: an overload that had opened, or had not.
     *
     * @return non-empty-list<Remains> the most probable first
     */
    private function remains(int $variant, Occasion $when): array
    {
        $energised = $when->conditions->energised($this->settler->model->circuit);

        return $this->remains["$variant $when->after ".$energised->key()] ??= $this->remainsOf(
            $variant,
            $this->outlook($energised),
            Conditions::poweredDown($this->settler->model->circuit, $energised),
            $when->after !== null,
        );
    }

    /** @return non-empty-list<Remains> */
    private function remainsOf(int $variant, Outlook $outlook, Conditions $off, bool $hasCooled): array
    {
        $shares = $states = $faults = [];
        $comesAndGoes = $this->comesAndGoes($variant);
        // one that comes and goes may be there as it is tested, or not
        foreach ($comesAndGoes ? [$this->variants[0], $this->variants[$variant]] : [$this->variants[$variant]] as $n => $then) {
            foreach ($outlook->views($variant, null) as $scene => $share) {
                $cut = $this->settler->statesWhenDead($outlook->scenes[$scene]->posture->states);
                // it is tested at once, or when it has cooled
                foreach ([...$hasCooled ? [] : [$cut], $this->cooled($variant, $off, $cut)] as $left) {
                    $key = "$n ".implode('|', $left);
                    $shares[$key] = ($shares[$key] ?? 0.0) + $share / ($comesAndGoes ? 4 : 2);
                    $states[$key] = $left;
                    $faults[$key] = $then;
                }
            }
        }
        arsort($shares);
        $remains = [];
        foreach (array_slice($shares, 0, self::REMAINS) as $key => $share) {
            // below nothing, and each with its own, so that none is taken for a scene
            $remains[] = new Remains($faults[$key], -1 - $variant * self::REMAINS - count($remains), $share, $states[$key]);
        }

        return $remains === [] ? throw new \LogicException('There is always something left.') : $remains;
    }

    /**
     * @param  array<string, string>  $states
     * @return array<string, string>
     */
    private function cooled(int $variant, Conditions $off, array $states): array
    {
        return $this->cooled["$variant ".implode('|', $states)] ??= $this->storyteller->cooled($off, $this->variants[$variant], $states);
    }
}
