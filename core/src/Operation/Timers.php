<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Parts\Pending;

/** The timers of a unit that run: each from when it first appeared, until it is out or its part has moved. */
final class Timers
{
    /** Timers that are out within so many seconds of each other are out together: nothing moves so fast. [practice] */
    private const TOGETHER = 0.001;

    /** @var array<string, array<string, float>> when each started, by part and the timer's end */
    private array $since = [];

    /** @param  list<string>  $parts  that have moved: what they timed is off */
    public function forget(array $parts): void
    {
        $this->since = array_diff_key($this->since, array_flip($parts));
    }

    /**
     * Those that were running run on, those that are new start now, those that are gone are off.
     *
     * @param  list<array{string, Pending}>  $pendings  part and timer
     */
    public function keep(array $pendings, float $now): void
    {
        $since = [];
        foreach ($pendings as [$id, $pending]) {
            $since[$id][$pending->next] = $this->since[$id][$pending->next] ?? $now;
        }
        $this->since = $since;
    }

    /**
     * @param  list<array{string, Pending}>  $pendings  part and timer, all of them kept
     * @return array{float, array<string, string>} when the next ones are out, and what each part then comes to; infinite when none runs
     */
    public function next(array $pendings): array
    {
        $due = [];
        foreach ($pendings as $n => [$id, $pending]) {
            $due[$n] = $this->since[$id][$pending->next] + $pending->after;
        }
        if ($due === []) {
            return [INF, []];
        }
        asort($due);
        $first = reset($due);
        $moves = [];
        foreach ($due as $n => $at) {
            if ($at > $first + self::TOGETHER) {
                break;
            }
            [$id, $pending] = $pendings[$n];
            $moves[$id] ??= $pending->next;
        }

        return [$first, $moves];
    }
}
