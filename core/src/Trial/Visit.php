<?php

declare(strict_types=1);

namespace Levin\Core\Trial;

use Levin\Core\Circuit\Conditions;
use Levin\Core\Diagnosis\Await;
use Levin\Core\Diagnosis\Candidate;
use Levin\Core\Diagnosis\Evidence;
use Levin\Core\Diagnosis\Look;
use Levin\Core\Diagnosis\Noting;
use Levin\Core\Diagnosis\Occasion;
use Levin\Core\Operation\Model;
use Levin\Core\Operation\Story;

/** Someone at a unit that hides something: what has been learned, how the unit stands, and what it has cost. */
final class Visit
{
    /** It is run so long after a repair before anyone goes, seconds. [practice, no published source] */
    private const WATCHED = 900.0;

    /** @var non-empty-list<Evidence> what counts */
    public array $evidence;

    public bool $isDead = false;

    public ?string $place = null;

    public int $tests = 0;

    public int $live = 0;

    public float $minutes = 0.0;

    /** @var list<string> what should not have been advised */
    public array $unsafe = [];

    /** @var list<string> what was done, in words */
    public array $log = [];

    /** Seconds since it was switched on again; null when that was before anyone came. */
    private ?float $since = null;

    public function __construct(private readonly Model $model, private readonly HiddenUnit $unit, public Conditions $now)
    {
        $this->evidence = [...$this->complaint(), ...$this->machines(new Occasion($now))];
    }

    /** @return list<Evidence> of what comes and goes, what its owner has seen of it */
    private function complaint(): array
    {
        $evidence = [];
        foreach ([0, 1] as $turn) {
            foreach ($this->unit->complaint() as $part => $seen) {
                $evidence[] = new Evidence(new Look($part), $seen[$turn], new Occasion($this->now));
            }
        }

        return $evidence;
    }

    public function carryOut(Candidate $next): void
    {
        $wasDead = $this->isDead;
        $this->tests++;
        $this->minutes += $next->minutes;
        $this->change($next->when->conditions);
        $before = $this->opened();
        // who waits for something to happen does not know for how long
        $this->unit->wait($next->test instanceof Await ? 0.0 : 60 * $next->minutes);
        if ($wasDead && ! $this->isDead && array_diff($this->opened(), $before) !== []) {
            $this->unsafe[] = 'fed into a short: '.$next->test->title($this->model->circuit);
        }
        $this->since = match (true) {
            $this->isDead => null,
            $wasDead => 60 * $next->minutes,
            default => $this->since === null ? null : $this->since + 60 * $next->minutes,
        };
        $this->live += $this->isDead ? 0 : 1;
        if ($next->when->after !== null) {
            $this->isDead ? $this->unit->wait($next->when->after) : $this->unit->restart();
        }
        $this->test($next);
    }

    /**
     * Parts are replaced, fuses and breakers put right, and the unit is run: what was learned before no longer speaks.
     *
     * @param  list<string>  $faults  ids
     * @param  Conditions  $conditions  under which it should run
     */
    public function repair(array $faults, Conditions $conditions): void
    {
        $this->unit->mend($faults);
        $this->change($conditions);
        $this->unit->wait(self::WATCHED);
        $this->since = null;
        $this->evidence = $this->machines(new Occasion($this->now));
        $this->log[] = 'Repaired: '.implode(', ', $faults);
    }

    private function change(Conditions $conditions): void
    {
        if ($conditions->key() !== $this->now->key()) {
            $this->unit->change($conditions);
        }
        $this->now = $conditions;
        $this->isDead = $conditions->isPoweredDown($this->model->circuit);
    }

    private function test(Candidate $next): void
    {
        $test = $next->test;
        $act = $test->act();
        if ($act->isDead() && $this->unit->isLive($act->at, $act->black)) {
            $this->unsafe[] = $test->title($this->model->circuit).' on a live circuit';
        }
        // nobody reads on when the machine beside him starts or stops
        $isOpen = ! $this->isDead && $next->when->after !== 0.0;
        array_push($this->evidence, ...$isOpen ? $this->moved(new Occasion($this->now, $this->noted())) : []);
        $shown = $test->carriedOut($this->unit);
        $when = new Occasion($this->now, $next->when->after ?? $this->noted());
        $this->evidence[] = new Evidence($test instanceof Await ? new Look($test->part) : $test, $shown, $when);
        $this->log[] = $test->title($this->model->circuit).': '.$test->words($shown);
        $this->place = $test->place($this->model->circuit);
        if ($next->when->after === 0.0) {
            $this->since = Noting::SECONDS;
        }
        array_push($this->evidence, ...$this->isDead ? [] : $this->moved(new Occasion($this->now, $this->noted())));
    }

    /** Seconds since it was switched on again, as long as that matters. */
    private function noted(): ?float
    {
        return $this->since !== null && $this->since < Story::LONG ? $this->since : null;
    }

    /** @return non-empty-list<Evidence> what of the machines runs and what does not */
    private function machines(Occasion $now): array
    {
        $evidence = [];
        foreach (array_keys($this->model->machines) as $id) {
            $evidence[] = new Evidence(new Look($id), $this->unit->look($id), $now);
        }

        return $evidence === [] ? throw new \LogicException('A unit without a machine has nothing to complain of.') : $evidence;
    }

    /** @return list<Evidence> what one cannot help noticing: a machine that has stopped, or started, since it was last looked at */
    private function moved(Occasion $now): array
    {
        $last = [];
        foreach ($this->evidence as $item) {
            $last[$item->key()] = $item->shown;
        }

        return array_values(array_filter(
            $this->machines($now),
            static fn (Evidence $item): bool => $item->shown !== ($last[$item->key()] ?? null),
        ));
    }

    /** @return list<string> overcurrent devices that have opened */
    private function opened(): array
    {
        $states = $this->unit->settled()->states;

        return array_keys(array_filter($this->model->parts, fn ($part): bool => $part->overcurrentDevice() !== null
            && ($states[$part->id] ?? '') !== ($this->model->initialStates[$part->id] ?? '')));
    }
}
