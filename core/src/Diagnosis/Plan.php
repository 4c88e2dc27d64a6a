<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** Tests that are made one after another in one place, with the unit standing one way: going and switching are paid once. */
final readonly class Plan
{
    /**
     * @param  non-empty-list<Ranked>  $tests  in their order
     * @param  float  $score  bits a minute, of the first of them as far as that goes up, risk priced in
     */
    public function __construct(public array $tests, public float $score)
    {
    }

    /** @return list<Candidate> those after the first that only move the red lead: one sweep with it */
    public function sweep(): array
    {
        $first = $this->tests[0]->candidate;
        $act = $first->test->act();
        $isSwept = static fn (Ranked $r): bool => $act->black !== '' && $r->candidate->when->key() === $first->when->key()
            && $r->candidate->test->act()->black === $act->black && $r->candidate->test->act()->function === $act->function;

        return array_map(
            static fn (Ranked $r): Candidate => $r->candidate,
            array_values(array_filter(array_slice($this->tests, 1), $isSwept)),
        );
    }
}
