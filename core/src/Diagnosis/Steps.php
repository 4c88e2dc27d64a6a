<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\Conditions;
use Levin\Core\Operation\Model;
use Levin\Core\Parts\Component;

/** What has to be done for a test, as orders, in their order: what is lifted lands before anything is switched on. */
final readonly class Steps
{
    private Circuit $circuit;

    public function __construct(private Model $model)
    {
        $this->circuit = $model->circuit;
    }

    /**
     * @param  Conditions  $now  as the unit stands
     * @param  list<Candidate>  $sweep  what comes after it with only the red lead moved
     * @return non-empty-list<Step>
     */
    public function to(Candidate $candidate, Conditions $now, bool $provedDead, array $sweep = []): array
    {
        $then = $candidate->when->conditions;
        $isDead = $then->isPoweredDown($this->circuit);
        $after = $candidate->when->after;

        return [
            ...$this->restoring($now, $then),
            ...$this->switching($now, $then),
            ...$isDead && ! $provedDead && $candidate->test->act()->way !== Way::Eyes ? [Step::deed(
                StepKind::ProveDead,
                'Prove it dead: tester on a known live source, on the circuit, on the source again.',
            )] : [],
            ...$isDead && $after !== null ? [
                Step::order(sprintf('Let it stand for %d minutes: what is hot has to close again.', $after / 60)),
            ] : [],
            ...! $isDead && $after !== null ? array_map(Step::order(...), [
                sprintf('Switch it off and let it stand for %d minutes.', Candidates::STANDS_OFF),
                'Press the reset buttons once; never a breaker or a fuse before its short is found.',
                'Doors on, hands clear, everyone warned. Switch it on with the call in.',
            ]) : [],
            ...array_values(array_map(
                fn (string $id): Step => Step::deed(StepKind::Lift, 'Lift '.Spot::wire($this->circuit, $id).'.', $id),
                array_diff($then->lifted, $now->lifted),
            )),
            Step::act($candidate->test, $this->circuit),
            ...! $isDead && $after !== null ? $this->resets() : [],
            ...$sweep === [] ? [] : [Step::order($this->sweep($candidate, ...$sweep))],
            ...$then->lifted === [] ? [] : [Step::order('Land what is lifted before the power comes back.')],
        ];
    }

    /** @return list<Step> of what there is more to than a button */
    private function resets(): array
    {
        $orders = array_map(static fn (Component $part): string => $part->resetOrder(), array_values($this->model->components));

        return array_map(Step::order(...), array_values(array_unique(array_filter($orders))));
    }

    /** One lead stays where it is, the other goes from point to point. */
    private function sweep(Candidate $first, Candidate ...$others): string
    {
        $points = array_map(fn (Candidate $c): string => Spot::words($this->circuit, $c->test->act()->at), $others);

        return "Keep that, leave black on {$first->test->act()->black}, and go on with red: ".implode('; ', $points).'.';
    }

    /** @return list<Step> */
    private function restoring(Conditions $now, Conditions $then): array
    {
        return [
            ...array_values(array_map(
                fn (string $id): Step => Step::deed(StepKind::Land, 'Land '.Spot::wire($this->circuit, $id).'.', $id),
                array_diff($now->lifted, $then->lifted),
            )),
            ...array_values(array_map(
                static fn (string $jumper): Step => Step::deed(
                    StepKind::TakeJumperOff,
                    'Take the jumper off '.str_replace('~', ' – ', $jumper).'.',
                    $jumper,
                ),
                array_diff($now->jumpers, $then->jumpers),
            )),
            ...array_values(array_map(
                fn (string $id): Step => Step::deed(StepKind::PutBack, "Put {$this->circuit->part($id)->label} back.", $id),
                array_diff($now->removed, $then->removed),
            )),
        ];
    }

    /** @return list<Step> */
    private function switching(Conditions $now, Conditions $then): array
    {
        $orders = [];
        foreach ($this->circuit->conditions as $name => $condition) {
            if ($now->isOn($name) !== $then->isOn($name)) {
                $on = $then->isOn($name);
                $orders[] = Step::deed(StepKind::Set, "$condition->label: ".($on ? $condition->on : $condition->off).'.', $name, $on);
            }
        }

        return $orders;
    }
}
