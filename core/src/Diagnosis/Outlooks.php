<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Operation\Recent;
use Levin\Core\Operation\Settled;
use Levin\Core\Operation\Settler;
use Levin\Core\Operation\Story;
use Levin\Core\Operation\Storyteller;

/** What every variant of a line-up goes through, under any conditions: told when it is first asked for, and kept. */
final class Outlooks
{
    /** @var array<string, Storyteller> by what is jumpered */
    private array $storytellers = [];

    /** @var array<string, Outlook> */
    private array $outlooks = [];

    /** @var array<string, array<string, string>> part states */
    private array $cooled = [];

    /** @var array<string, Sway> by conditions */
    private array $sways = [];

    /** Pairs of points of which what was worked out is at hand. */
    private const PAIRS = 2500;

    /** @var Recent<Volts> by leads and occasion */
    private readonly Recent $volts;

    /** @param  self|null  $narrower  what is known of the first of these suspects, by one that knows no others */
    public function __construct(
        public readonly Settler $settler,
        private readonly Notebook $notebook,
        private readonly Lineup $lineup,
        private readonly ?self $narrower,
    ) {
        $this->volts = new Recent(self::PAIRS);
    }

    /** What every variant goes through on an occasion: as it has come about, or from when it is started again to be watched. */
    public function on(Occasion $when): Outlook
    {
        return $when->after === null ? $this->under($when->conditions) : $this->startedAgain($when->conditions);
    }

    public function under(Conditions $conditions): Outlook
    {
        $isFed = $conditions->isEnergised($this->settler->model->circuit);

        $tell = fn (int $variant): Story => $isFed
            ? $this->storyteller($conditions)->tell($conditions->unjumpered(), $this->lineup->variants[$variant])
            : Story::of(
                $this->settled($variant, $conditions),
                $this->storyteller($conditions)->rested($conditions->unjumpered(), $this->lineup->variants[$variant])->numbers(),
            );

        return $this->kept(
            $conditions->key(),
            static fn (self $o): Outlook => $o->under($conditions),
            static fn (int $variant, Painter $painter): Passages => $painter->painted($tell($variant)),
        );
    }

    /** As a variant stands, when it has come to rest. */
    public function settled(int $variant, Conditions $conditions): Settled
    {
        $circuit = $this->settler->model->circuit;
        $ran = $conditions->isEnergised($circuit)
            ? null
            : $this->under($conditions->energised($circuit))->end($variant)->posture->states;

        return $this->settler->standing($conditions, $this->lineup->variants[$variant], $ran);
    }

    /** @throws UnknownName */
    public function volts(Leads $leads, Occasion $when): Volts
    {
        if ($this->narrower !== null) {
            return $this->narrower->volts($leads, $when);
        }
        $model = $this->settler->model;

        return $this->volts->of($leads->key().' '.$when->key(), fn (): Volts => new Volts(
            $leads->function,
            $model->node($leads->red),
            $model->node($leads->black),
            $when->conditions->isEnergised($model->circuit) ? $this->sway($when->conditions) : null,
            // those who are only thought of for a while hang beside
            $this->on($when)->others()->gallery,
        ));
    }

    /** How volts go with the supply of the day while the unit is fed. */
    private function sway(Conditions $conditions): Sway
    {
        if ($this->narrower !== null) {
            return $this->narrower->sway($conditions);
        }
        $plain = $conditions->unjumpered();
        $key = $plain->key();

        return $this->sways[$key] ??= $this->notebook->page(Sway::class, $key)->worked($this->settler, $plain);
    }

    /**
     * What part states come to once power is off and all has cooled.
     *
     * @param  array<string, string>  $states  as they were when power was cut
     * @return array<string, string>
     */
    public function cooled(int $variant, Conditions $off, array $states): array
    {
        return $this->cooled["$variant ".implode('|', $states).$off->key()] ??= $this->storyteller($off)->cooled(
            $off->unjumpered(),
            $this->lineup->variants[$variant],
            $states,
        );
    }

    /** From when it is switched on again, its reset buttons pressed: what has blown stays so, what has opened by its heat may be closed. */
    private function startedAgain(Conditions $conditions): Outlook
    {
        $off = Conditions::poweredDown($this->settler->model->circuit, $conditions);
        $tell = function (int $variant, Painter $painter) use ($conditions, $off): Passages {
            $end = $this->under($conditions)->end($variant);
            $cut = $this->settler->statesWhenDead($end->posture->states);
            // a thermostat stays as it is from the temperature that it has then
            $left = $this->settler->model->afterResets($this->cooled($variant, $off->withNumbers($end->numbers), $cut));
            $open = $this->openedByHeat($variant, $conditions, $off);

            return $this->again($variant, $conditions, $left, [], $painter)
                ->orHot($open === [] ? null : $this->again($variant, $conditions, $left, $open, $painter));
        };

        return $this->kept('again '.$conditions->key(), static fn (self $o): Outlook => $o->startedAgain($conditions), $tell);
    }

    /**
     * @param  array<string, string>  $left  part states
     * @param  array<string, string>  $open  of those that are still as hot as when they opened
     */
    private function again(int $variant, Conditions $conditions, array $left, array $open, Painter $painter): Passages
    {
        return $painter->painted($this->storyteller($conditions)->tellAgain(
            $conditions->unjumpered(),
            $this->lineup->variants[$variant],
            [...$left, ...$open],
            array_keys($open),
        ));
    }

    /**
     * What a variant may have opened by its heat that closes by itself with the power off, as it is found the longest time.
     *
     * @return array<string, string> part states
     */
    private function openedByHeat(int $variant, Conditions $conditions, Conditions $off): array
    {
        $model = $this->settler->model;
        $outlook = $this->under($conditions);
        $scenes = $outlook->passages($variant)->views(null);
        arsort($scenes);
        foreach (array_keys($scenes) as $scene) {
            $cut = $this->settler->statesWhenDead($outlook->at($scene)->posture->states);
            $moved = array_diff_assoc(array_intersect_key($cut, $model->drifting), $model->initialStates);
            $open = $moved === [] ? [] : array_diff_assoc($moved, $this->cooled($variant, $off, $cut));
            if ($open !== []) {
                return $open;
            }
        }

        return [];
    }

    /**
     * @param  \Closure(self): Outlook  $same  of other outlooks: what the narrower ones have is not worked out again
     * @param  \Closure(int, Painter): Passages  $tell  a variant's
     */
    private function kept(string $key, \Closure $same, \Closure $tell): Outlook
    {
        if (! isset($this->outlooks[$key])) {
            $known = $this->narrower === null ? null : $same($this->narrower);
            $this->outlooks[$key] = $known === null ? $this->alone($key, $tell) : $this->beside($known, $tell);
        }

        return $this->outlooks[$key];
    }

    /** @param  \Closure(int, Painter): Passages  $tell  a variant's */
    private function alone(string $key, \Closure $tell): Outlook
    {
        $outlook = $this->notebook->page(Outlook::class, $key);
        $painter = new Painter($this->settler->model, $outlook->gallery);

        return $outlook->toldBy(fn (int $variant): Passages => $this->told($tell, $variant, $painter));
    }

    /** @param  \Closure(int, Painter): Passages  $tell  a variant's */
    private function beside(Outlook $known, \Closure $tell): Outlook
    {
        return (new Outlook($known))->toldBy(fn (int $variant): Passages => $this->isKnown($variant)
            ? Passages::after(...array_map($known->passages(...), $this->lineup->asKnown($variant)))
            : $known->others()->passages(
                $this->settler->model,
                $this->lineup->variants[$variant],
                fn (Painter $painter): Passages => $this->told($tell, $variant, $painter),
            ));
    }

    /** @param  \Closure(int, Painter): Passages  $tell  a variant's */
    private function told(\Closure $tell, int $variant, Painter $painter): Passages
    {
        $this->notebook->pause();

        return $tell($variant, $painter);
    }

    /** Whether the narrower line-up knows of a variant, one way or another. */
    private function isKnown(int $variant): bool
    {
        return $this->narrower?->lineup->has($variant) === true || $this->lineup->isKnown($variant);
    }

    private function storyteller(Conditions $conditions): Storyteller
    {
        return $this->storytellers[implode(' ', $conditions->jumpers)] ??= $this->settler->under($conditions)->storyteller();
    }
}
