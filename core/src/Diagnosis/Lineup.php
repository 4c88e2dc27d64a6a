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

    /** A new part is bad so much more rarely than an old one. [practice, no published source] */
    private const NEW = 0.05;

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
        $suspects = [new Suspect([], [0], [], self::NOTHING_WRONG)];
        $variants = [Faults::none()];
        $suspectOf = [0];
        foreach ($model->faults->suspects() as $fault) {
            $own = [];
            foreach ($fault->mode->levels === [] ? [null] : $fault->mode->levels as $level) {
                $own[] = count($variants);
                $suspectOf[] = count($suspects);
                $variants[] = Faults::of(new InjectedFault($fault, $level));
            }
            $suspects[] = new Suspect([$fault], $own, $fault->mode->levels, $fault->mode->weight);
        }

        return new self($suspects, $variants, $suspectOf);
    }

    /** @param  list<Guess>  $guesses */
    public function with(array $guesses): self
    {
        [$suspects, $variants, $suspectOf] = [$this->suspects, $this->variants, $this->suspectOf];
        foreach ($guesses as $guess) {
            $own = [];
            foreach ($guess->variants as $faults) {
                $own[] = count($variants);
                $suspectOf[] = count($suspects);
                $variants[] = $faults;
            }
            $suspects[] = new Suspect($guess->causes, $own, $guess->levels, $guess->weight, $guess->comesAndGoes, $guess->isMiswired);
        }

        return new self($suspects, $variants, $suspectOf);
    }

    public function has(int $variant): bool
    {
        return $variant < count($this->variants);
    }

    public function comesAndGoes(int $variant): bool
    {
        return $this->suspects[$this->suspectOf[$variant]]->comesAndGoes;
    }

    /** Whether a variant is known from a narrower line-up, one way or another. */
    public function isKnown(int $variant): bool
    {
        return $this->comesAndGoes($variant) || $this->isMiswired($variant);
    }

    public function isMiswired(int $variant): bool
    {
        return $this->suspects[$this->suspectOf[$variant]]->isMiswired;
    }

    /** @return list<int> variants of units that are not wired as drawn */
    public function miswired(): array
    {
        return array_values(array_filter(array_keys($this->variants), $this->isMiswired(...)));
    }

    /** @return array<int, int> by variant that comes and goes, the one that is as it is when it is there */
    public function comeAndGo(): array
    {
        $all = [];
        foreach (array_keys($this->variants) as $variant) {
            if ($this->comesAndGoes($variant)) {
                $all[$variant] = $this->asKnown($variant)[1] ?? 0;
            }
        }

        return $all;
    }

    /** @return non-empty-list<int> variants of a narrower line-up that it goes like: one, or now the healthy one and now another */
    public function asKnown(int $variant): array
    {
        if ($this->isMiswired($variant)) {
            return [0];
        }

        return $this->comesAndGoes($variant)
            ? [0, (int) array_search($this->variants[$variant], $this->variants, false)]
            : [$variant];
    }

    /**
     * Weights by variant: a suspect's, shared among its variants.
     *
     * @param  list<string>  $fresh  parts that have been replaced
     * @return non-empty-list<float>
     */
    public function prior(array $fresh = []): array
    {
        return array_map(
            fn (int $s, Faults $faults): float => $this->suspects[$s]->weight / count($this->suspects[$s]->variants)
                * (array_intersect($faults->targets(), $fresh) === [] ? 1.0 : self::NEW),
            $this->suspectOf,
            $this->variants,
        );
    }

    /**
     * The same of what may be wrong with one part or wire.
     *
     * @param  list<string>  $fresh  parts that have been replaced
     * @return array<int, float> by variant
     */
    public function priorOf(string $target, array $fresh = []): array
    {
        $prior = $this->prior($fresh);
        $own = [];
        foreach ($this->suspects as $suspect) {
            foreach ($suspect->single()?->target === $target ? $suspect->variants : [] as $v) {
                $own[$v] = $prior[$v];
            }
        }

        return $own;
    }
}
