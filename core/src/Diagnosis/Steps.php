<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\Conditions;

/** What has to be done for a test, as orders, in their order. */
final readonly class Steps
{
    public function __construct(private Circuit $circuit)
    {
    }

    /**
     * @param  Conditions  $now  as the unit stands
     * @return non-empty-list<string>
     */
    public function to(Candidate $candidate, Conditions $now, bool $provedDead): array
    {
        $then = $candidate->when->conditions;
        $isDead = $then->isPoweredDown($this->circuit);
        $after = $candidate->when->after;

        return [
            ...array_map(fn (string $id): string => 'Land '.Spot::wire($this->circuit, $id).'.', array_diff($now->lifted, $then->lifted)),
            ...$this->switching($now, $then),
            ...$isDead && ! $provedDead ? ['Prove it dead: tester on a known live source, on the circuit, on the source again.'] : [],
            ...$isDead && $after !== null ? [sprintf('Let it stand for %d minutes.', $after / 60)] : [],
            ...! $isDead && $after !== null ? [
                sprintf('Switch it off and let it stand for %d minutes.', Candidates::STANDS_OFF),
                'Press the reset buttons once; never a breaker or a fuse before its short is found.',
                'Doors on, hands clear, everyone warned. Switch it on with the call in.',
            ] : [],
            ...array_map(fn (string $id): string => 'Lift '.Spot::wire($this->circuit, $id).'.', array_diff($then->lifted, $now->lifted)),
            $candidate->test->order($this->circuit),
            ...$then->lifted === [] ? [] : ['Land what is lifted before the power comes back.'],
        ];
    }

    /** @return list<string> */
    private function switching(Conditions $now, Conditions $then): array
    {
        $orders = [];
        foreach ($this->circuit->conditions as $name => $condition) {
            if ($now->isOn($name) !== $then->isOn($name)) {
                $orders[] = "$condition->label: ".($then->isOn($name) ? $condition->on : $condition->off).'.';
            }
        }

        return $orders;
    }
}
