<?php

declare(strict_types=1);

namespace App\Circuits;

use Illuminate\Contracts\Cache\Repository;
use Levin\Core\Diagnosis\OutlookStore;
use Levin\Core\Diagnosis\Page;

/** Keeps what suspects predict in the application's cache, for one revision of one circuit. */
final readonly class CachedOutlooks implements OutlookStore
{
    public function __construct(private Repository $cache, private string $key)
    {
    }

    #[\Override]
    public function page(string $key): ?Page
    {
        $page = $this->cache->get($this->key.':'.sha1($key));

        return $page instanceof Page ? $page : null;
    }

    #[\Override]
    public function keep(string $key, Page $page): void
    {
        $this->cache->put($this->key.':'.sha1($key), $page, now()->addWeek());
    }
}
