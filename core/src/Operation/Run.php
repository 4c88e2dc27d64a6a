<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

/** A unit's run through time. */
final readonly class Run
{
    /**
     * @param  list<Happening>  $happenings  the first is how it stood at the start
     * @param  bool  $finished  false when it never came to the end of its script for all that went on
     * @param  float|null  $period  seconds, when at the end it goes round and round
     */
    public function __construct(public array $happenings, public Settled $end, public bool $finished, public ?float $period)
    {
    }

    /** @return list<Start> of every motor, as they came to their end */
    public function starts(): array
    {
        return Start::all($this->happenings);
    }

    /**
     * When a part was first seen so.
     *
     * @return float|null seconds; null when it never was
     */
    public function when(string $part, string $seen, float $after = 0.0): ?float
    {
        foreach ($this->happenings as $happening) {
            if ($happening->at >= $after && ($happening->moved[$part]['to'] ?? null) === $seen) {
                return $happening->at;
            }
        }

        return null;
    }
}
