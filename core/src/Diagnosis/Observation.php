<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Conditions;

/** What eyes and ears report of one part: runs, hums, silent, pulled in, dropped out. */
final readonly class Observation implements Evidence
{
    public function __construct(public string $part, public string $seen, private Conditions $conditions)
    {
    }

    #[\Override]
    public function conditions(): Conditions
    {
        return $this->conditions;
    }

    #[\Override]
    public function test(): string
    {
        return self::testOf($this->part, $this->conditions);
    }

    public static function testOf(string $part, Conditions $conditions): string
    {
        return "look $part ".$conditions->key();
    }

    #[\Override]
    public function words(): string
    {
        return "$this->part $this->seen";
    }

    #[\Override]
    public function fits(Predictor $predictor): array
    {
        $others = max(1, count($predictor->settler->model->component($this->part)->observables()) - 1);
        $as = new Fit(1.0, 0.0, true);
        $other = new Fit(0.0, 1 / $others, false);

        return array_map(
            fn (array $observed): Fit => ($observed[$this->part] ?? '') === $this->seen ? $as : $other,
            $predictor->outlook($this->conditions)->observed,
        );
    }

    #[\Override]
    public function isAsHealthy(Predictor $predictor): bool
    {
        return ($predictor->outlook($this->conditions)->observed[0][$this->part] ?? '') === $this->seen;
    }
}
