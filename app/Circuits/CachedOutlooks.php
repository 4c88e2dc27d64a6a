<?php

declare(strict_types=1);

namespace App\Circuits;

use Illuminate\Contracts\Cache\Repository;
use Levin\Core\Diagnosis\Outlook;
use Levin\Core\Diagnosis\OutlookStore;
use Levin\Core\Diagnosis\Sheet;

/** Keeps what suspects predict in the application's cache, for one revision of one circuit. */
final class CachedOutlooks implements OutlookStore
{
    /** @var array<string, mixed> what this request has read already */
    private array $read = [];

    public function __construct(private readonly Repository $cache, private readonly string $key)
    {
    }

    #[\Override]
    public function outlook(string $key, \Closure $make): Outlook
    {
        $outlook = $this->remember("outlook:$key", $make);

        return $outlook instanceof Outlook ? $outlook : $make();
    }

    #[\Override]
    public function readings(string $key, \Closure $make): array
    {
        /** @var list<non-empty-list<float|null>> */
        return $this->remember("readings:$key", $make);
    }

    #[\Override]
    public function sheet(string $key): Sheet
    {
        $sheet = $this->remember("sheet:$key", static fn (): Sheet => new Sheet);

        return $sheet instanceof Sheet ? $sheet : new Sheet;
    }

    #[\Override]
    public function keep(string $key, Sheet $sheet): void
    {
        if ($sheet->isNew()) {
            $this->read["sheet:$key"] = $sheet;
            $this->cache->put($this->key.':'.sha1("sheet:$key"), $sheet, now()->addWeek());
        }
    }

    /** @param  \Closure(): mixed  $make */
    private function remember(string $key, \Closure $make): mixed
    {
        return $this->read[$key] ??= $this->cache->remember($this->key.':'.sha1($key), now()->addWeek(), $make);
    }
}
