<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** What meters would most probably show of dead units on one occasion, by test and what is left of them, as far as anyone has asked. */
final class DeadReadings implements Page
{
    use Growing;

    /** @var array<string, array<int, float|null>> by test and number of what is left, SI; null for OL */
    private array $rows = [];

    #[\Override]
    public function __construct()
    {
    }

    /** @param  \Closure(): ?float  $make */
    public function reading(string $test, int $remains, \Closure $make): ?float
    {
        if (! array_key_exists($remains, $this->rows[$test] ?? [])) {
            $this->rows[$test][$remains] = $make();
            $this->hasGrown = true;
        }

        return $this->rows[$test][$remains];
    }
}
