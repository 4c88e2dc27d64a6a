<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** What a meter may show of variants at one test on one occasion, each worked out once: whatever is read there is held against it. */
final class Views
{
    /** @var array<int, non-empty-list<View>> by variant */
    private array $known = [];

    /**
     * @param  list<int>  $variants  all of each suspect's
     * @param  \Closure(list<int>): array<int, non-empty-list<View>>  $work  what some show, the healthy unit among them
     * @return array<int, non-empty-list<View>> by variant, in that order
     */
    public function of(array $variants, \Closure $work): array
    {
        $missing = array_values(array_filter($variants, fn (int $v): bool => ! isset($this->known[$v])));
        if ($missing !== []) {
            $this->known += $work(array_values(array_unique([0, ...$missing])));
        }

        return Outcomes::each($variants, fn (int $v): array => $this->known[$v]);
    }
}
