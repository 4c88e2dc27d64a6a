<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Parts\Fault;
use Levin\Core\Parts\Faults;
use Levin\Core\Parts\InjectedFault;

/** A suspect that is only thought of when the common ones leave something unexplained: a rare one, two at once, one that comes and goes. */
final readonly class Guess
{
    /** For one fault that comes and goes, ten are there to stay. [practice, no published source] */
    private const RARER = 0.1;

    /** A unit that is not wired as it is drawn: someone was there before. [practice, no published source] */
    private const MISWIRED = 0.5;

    /**
     * @param  list<Fault>  $causes
     * @param  non-empty-list<Faults>  $variants  what may be in force, from slight to bad
     * @param  list<float>  $levels  how bad it is in each of them; none where it has no degrees
     */
    private function __construct(
        public array $causes,
        public array $variants,
        public float $weight,
        public array $levels = [],
        public bool $comesAndGoes = false,
        public bool $isMiswired = false,
    ) {
    }

    public static function miswired(): self
    {
        return new self([], [Faults::none()], self::MISWIRED, isMiswired: true);
    }

    /** @param  float  $all  the weights of all single suspects together: two things fail independently of each other */
    public static function both(Faults $one, Faults $other, float $all): self
    {
        $causes = array_map(static fn ($f): Fault => $f->fault, [...$one->all, ...$other->all]);
        $weight = array_product(array_map(static fn (Fault $f): float => $f->mode->weight, $causes)) / $all;

        return new self(
            $causes === [] ? throw new \LogicException('Two causes are at least one.') : $causes,
            [$one->with(...$other->all)],
            $weight,
        );
    }

    public static function intermittent(Fault $fault, Faults $faults): self
    {
        return new self([$fault], [$faults], self::RARER * $fault->mode->weight, comesAndGoes: true);
    }

    /** One too rare to be suspected before, at each of its levels. */
    public static function rare(Fault $fault): self
    {
        return self::at($fault->mode->levels, $fault, $fault->mode->weight);
    }

    /**
     * One at other levels than those at which it has been suspected.
     *
     * @param  non-empty-list<float>  $levels
     */
    public static function between(Fault $fault, array $levels): self
    {
        return self::at($levels, $fault, $fault->mode->weight / 2);
    }

    /** @param  list<float>  $levels */
    private static function at(array $levels, Fault $fault, float $weight): self
    {
        $variants = array_map(static fn (float $level): Faults => Faults::of(new InjectedFault($fault, $level)), $levels);

        return $variants === []
            ? throw new \LogicException('What is thought of at some levels has some.')
            : new self([$fault], $variants, $weight, $levels);
    }
}
