<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

final class MemoryOutlooks implements OutlookStore
{
    /** @var array<string, Page> */
    private array $pages = [];

    #[\Override]
    public function page(string $key): ?Page
    {
        return $this->pages[$key] ?? null;
    }

    #[\Override]
    public function keep(string $key, Page $page): void
    {
        $this->pages[$key] = $page;
    }
}
