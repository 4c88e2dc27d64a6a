<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Meter\MeterFunction;

/** What cannot be done now: a place that is out of reach, a unit that must go on running, a test that is put off. */
final readonly class Limits
{
    /**
     * @param  list<string>  $places  that cannot be reached
     * @param  bool  $mustRun  whether it may not be shut down until it cycles off by itself
     * @param  list<string>  $putOff  keys of tests
     */
    public function __construct(public array $places = [], public bool $mustRun = false, public array $putOff = [])
    {
    }

    public function allow(Candidate $candidate, Circuit $circuit): bool
    {
        $isShutDown = $candidate->when->conditions->isPoweredDown($circuit) || $candidate->when->after !== null;

        return ! in_array($candidate->test->place($circuit), $this->places, true)
            && array_intersect(self::keys($candidate->test), $this->putOff) === []
            && ! ($this->mustRun && $isShutDown);
    }

    /** @return list<string> volts are taken on a low impedance where they may be a ghost's, and put off as that */
    private static function keys(Test $test): array
    {
        $isVolts = $test instanceof Probe && $test->function === MeterFunction::VoltsAc;

        return [$test->key(), ...$isVolts ? [$test->on(MeterFunction::VoltsAcLowZ)->key()] : []];
    }
}
