<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Parts\Faults;

/** Why a part or wire is still suspected, or no longer: what it would make each taken reading, and what would clear it. */
final readonly class Dossier
{
    /**
     * @param  string  $fault  the likeliest that may be wrong with it
     * @param  list<Explained>  $readings  in the order in which they were taken
     * @param  list<Explained>  $tests  those that are recommended, the best first: any other result clears it
     */
    private function __construct(public string $fault, public float $probability, public array $readings, public array $tests)
    {
    }

    /**
     * @param  list<Evidence>  $evidence
     * @return self|null none of what nothing can be wrong with
     */
    public static function of(string $target, Predictor $predictor, array $evidence, Assessment $assessment): ?self
    {
        $own = array_keys(array_filter($predictor->variants, static fn (Faults $faults): bool => $faults->targets() === [$target]));
        if ($own === []) {
            return null;
        }
        usort($own, static fn (int $a, int $b): int => ($assessment->posterior[$b] ?? 0.0) <=> ($assessment->posterior[$a] ?? 0.0));
        $variant = $own[0];
        $readings = array_map(static fn (Evidence $e): Explained => new Explained(
            $e->words(),
            Telling::said($e->test, $e->test->shows($predictor, $e->when, $variant)),
            $e->fits($predictor, [$variant])[$variant]->explains,
        ), $evidence);
        $tests = array_map(static fn (Advice $a): Explained => new Explained(
            $a->asked($predictor->settler->model->circuit),
            Telling::said($a->candidate->test, $a->candidate->test->shows($predictor, $a->candidate->when, $variant)),
            null,
        ), $assessment->next);

        $suspect = $predictor->suspects[$predictor->suspectOf[$variant]];

        return new self($suspect->label(), $assessment->posterior[$variant] ?? 0.0, $readings, $tests);
    }
}
