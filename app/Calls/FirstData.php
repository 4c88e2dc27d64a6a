<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Diagnosis\Candidate;
use Levin\Core\Diagnosis\Candidates;
use Levin\Core\Record\Standing;

/** What must be done before a test, in this order: land, set, prove dead, wait, lift; or off, wait, reset and on again. */
final readonly class FirstData extends Data
{
    /**
     * @param  list<string>  $land  wires
     * @param  list<ConditionData>  $changes  as they are to be
     * @param  list<string>  $lift  wires
     * @param  bool  $restart  whether it is switched off and on again to be watched
     * @param  float  $wait  minutes that it stands off first
     */
    private function __construct(
        public array $land,
        public array $changes,
        public bool $proveDead,
        public array $lift,
        public bool $restart,
        public float $wait,
    ) {
    }

    public static function of(Candidate $candidate, Standing $standing): self
    {
        $conditions = $candidate->when->conditions;
        $isDead = $conditions->isPoweredDown($standing->circuit);
        $restart = $candidate->when->after !== null && ! $isDead;
        $changes = [];
        foreach ($standing->circuit->conditions as $condition) {
            $wanted = $conditions->isOn($condition->name);
            if ($wanted !== $standing->conditions->isOn($condition->name)) {
                $changes[] = ConditionData::of($condition, $wanted);
            }
        }

        return new self(
            array_values(array_diff($standing->conditions->lifted, $conditions->lifted)),
            $changes,
            $isDead && $candidate->test->act()->function !== null && ! $standing->provedDead,
            $candidate->lift,
            $restart,
            $restart ? Candidates::STANDS_OFF : ($candidate->when->after ?? 0.0) / 60,
        );
    }
}
