<?php

namespace App\Circuits;

use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Facades\Cache;
use Levin\Core\Diagnosis\Outlook;
use Levin\Core\Diagnosis\OutlookStore;

/** Keeps what suspects predict in the application's cache, for one version of one circuit. */
final class CachedOutlooks implements OutlookStore
{
    /** @var array<string, mixed> what this request has read already */
    private array $read = [];

    public function __construct(private readonly string $version)
    {
    }

    public static function store(): Repository
    {
        return Cache::store();
    }

    public function outlook(string $key, \Closure $make): Outlook
    {
        $outlook = $this->remember("outlook:$key", $make);

        return $outlook instanceof Outlook ? $outlook : $make();
    }

    public function readings(string $key, \Closure $make): array
    {
        /** @var non-empty-list<float|null> */
        return $this->remember("readings:$key", $make);
    }

    private function remember(string $key, \Closure $make): mixed
    {
        return $this->read[$key] ??= self::store()->remember($this->version.':'.sha1($key), now()->addWeek(), $make);
    }
}
