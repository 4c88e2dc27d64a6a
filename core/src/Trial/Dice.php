<?php

declare(strict_types=1);

namespace Levin\Core\Trial;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Chance that comes out the same again for the same seed. */
final readonly class Dice
{
    private Randomizer $randomizer;

    public function __construct(int $seed)
    {
        $this->randomizer = new Randomizer(new Mt19937($seed));
    }

    /** Evenly between two numbers. */
    public function between(float $low, float $high): float
    {
        return $low + ($high - $low) * $this->randomizer->getInt(0, 2 ** 53 - 1) / 2 ** 53;
    }

    public function chance(float $of): bool
    {
        return $this->between(0.0, 1.0) < $of;
    }

    /** Normally distributed about nothing, with a standard deviation of one (Box and Muller 1958). */
    public function normal(): float
    {
        return sqrt(-2 * log(1 - $this->between(0.0, 1.0))) * cos(2 * M_PI * $this->between(0.0, 1.0));
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    public function pick(array $of): mixed
    {
        return $of[$this->randomizer->getInt(0, count($of) - 1)];
    }

    /**
     * @template T
     *
     * @param  list<T>  $of
     * @return list<T> at most so many of them, in their order
     */
    public function some(array $of, int $many): array
    {
        if ($many <= 0 || $of === []) {
            return [];
        }
        $keys = $this->randomizer->pickArrayKeys($of, min($many, count($of)));
        sort($keys);

        return array_map(static fn (int|string $key): mixed => $of[$key], $keys);
    }
}
