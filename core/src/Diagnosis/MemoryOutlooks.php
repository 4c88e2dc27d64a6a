<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

final class MemoryOutlooks implements OutlookStore
{
    /** @var array<string, Outlook> */
    private array $outlooks = [];

    /** @var array<string, list<non-empty-list<float|null>>> */
    private array $readings = [];

    /** @var array<string, Sheet> */
    private array $sheets = [];

    #[\Override]
    public function outlook(string $key, \Closure $make): Outlook
    {
        return $this->outlooks[$key] ??= $make();
    }

    #[\Override]
    public function readings(string $key, \Closure $make): array
    {
        return $this->readings[$key] ??= $make();
    }

    #[\Override]
    public function sheet(string $key): Sheet
    {
        return $this->sheets[$key] ??= new Sheet;
    }

    #[\Override]
    public function keep(string $key, Sheet $sheet): void
    {
        $this->sheets[$key] = $sheet;
    }
}
