<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** What one meter on two points, or round one wire, shows of every variant that has been asked for. */
final class Readings implements Page
{
    use Growing;

    /** @var array<int, non-empty-list<float|null>> by variant, one for each way that it may be found, SI; null for OL */
    private array $rows = [];

    #[\Override]
    public function __construct()
    {
    }

    /**
     * @param  \Closure(): non-empty-list<float|null>  $make
     * @return non-empty-list<float|null>
     */
    public function row(int $variant, \Closure $make): array
    {
        if (! isset($this->rows[$variant])) {
            $this->rows[$variant] = $make();
            $this->hasGrown = true;
        }

        return $this->rows[$variant];
    }
}
