<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Operation\Model;
use Levin\Core\Parts\Faults;
use Levin\Core\Parts\InjectedFault;

/** Everyone suspected, and what each may look like. Variant 0 is the healthy unit. */
final readonly class Lineup
{
    /** The healthy unit among the suspects: the complaint has another cause. [practice, no published source] */
    private const NOTHING_WRONG = 1.0;

    /**
     * @param  non-empty-list<Suspect>  $suspects  the healthy unit first
     * @param  non-empty-list<Faults>  $variants  in force by variant
     * @param  non-empty-list<int>  $suspectOf  number of the suspect by variant
     */
    private function __construct(public array $suspects, public array $variants, public array $suspectOf)
    {
    }

    /** The healthy unit, and every single fault that is common enough. */
    public static function of(Model $model): self
    {
        $suspects = [new Suspect([], [0], self::NOTHING_WRONG)];
        $variants = [Faults::none()];
        $suspectOf = [0];
        foreach ($model->faults->suspects() as $fault) {
            $own = [];
            foreach ($fault->mode->levels === [] ? [null] : $fault->mode->levels as $level) {
                $own[] = count($variants);
                $suspectOf[] = count($suspects);
                $variants[] = Faults::of(new InjectedFault($fault, $level));
            }
            $suspects[] = new Suspect([$fault], $own, $fault->mode->weight);
        }

        return new self($suspects, $variants, $suspectOf);
    }

    /** @param  list<Guess>  $guesses */
    public function with(array $guesses): self
    {
        [$suspects, $variants, $suspectOf] = [$this->suspects, $this->variants, $this->suspectOf];
        foreach ($guesses as $guess) {
            $suspectOf[] = count($suspects);
            $suspects[] = new Suspect($guess->causes, [count($variants)], $guess->weight, $guess->comesAndGoes);
            $variants[] = $guess->faults;
        }

        return new self($suspects, $variants, $suspectOf);
    }

    /** @return non-empty-list<float> weights by variant: a suspect's, shared among its variants */
    public function prior(): array
    {
        return array_map(
            fn (int $s): float => $this->suspects[$s]->weight / count($this->suspects[$s]->variants),
            $this->suspectOf,
        );
    }
}
