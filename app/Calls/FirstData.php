<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Diagnosis\Candidate;
use Levin\Core\Record\Standing;

/** What must be done before a test, in this order: land, set, prove dead, lift. */
final readonly class FirstData extends Data
{
    /**
     * @param  list<string>  $land  wires
     * @param  list<ConditionData>  $changes  as they are to be
     * @param  list<string>  $lift  wires
     */
    private function __construct(public array $land, public array $changes, public bool $proveDead, public array $lift)
    {
    }

    public static function of(Candidate $test, Standing $standing): self
    {
        $changes = [];
        foreach ($standing->circuit->conditions as $condition) {
            $wanted = $test->conditions->isOn($condition->name);
            if ($wanted !== $standing->conditions->isOn($condition->name)) {
                $changes[] = ConditionData::of($condition, $wanted);
            }
        }

        return new self(
            array_values(array_diff($standing->conditions->lifted, $test->conditions->lifted)),
            $changes,
            $test->function?->isDeadTest() === true && ! $standing->provedDead,
            $test->lift,
        );
    }
}
