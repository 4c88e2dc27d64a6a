<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** What meters would most probably show of dead units on one occasion, by test and variant, as far as anyone has asked. */
final class DeadReadings implements Page
{
    use Growing;

    /** @var array<string, array<int, float|null>> by test and variant, SI; null for OL */
    private array $rows = [];

    #[\Override]
    public function __construct()
    {
    }

    /** @param  \Closure(): ?float  $make */
    public function reading(string $test, int $variant, \Closure $make): ?float
    {
        if (! array_key_exists($variant, $this->rows[$test] ?? [])) {
            $this->rows[$test][$variant] = $make();
            $this->hasGrown = true;
        }

        return $this->rows[$test][$variant];
    }
}
