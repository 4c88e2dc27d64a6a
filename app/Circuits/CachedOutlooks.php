<?php

declare(strict_types=1);

namespace App\Circuits;

use Illuminate\Contracts\Cache\LockProvider;
use Illuminate\Contracts\Cache\Repository;
use Levin\Core\Diagnosis\Outlook;
use Levin\Core\Diagnosis\OutlookStore;
use Levin\Core\Diagnosis\Sheet;

/** Keeps what suspects predict in the application's cache, for one revision of one circuit. */
final class CachedOutlooks implements OutlookStore
{
    /** Seconds. */
    private const PATIENCE = 300;

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
        return $this->read[$key] ??= $this->kept($this->key.':'.sha1($key), $make);
    }

    /**
     * What a large circuit goes through takes half a minute to work out, once; whoever else wants it meanwhile waits for the one who does.
     *
     * @param  \Closure(): mixed  $make
     */
    private function kept(string $key, \Closure $make): mixed
    {
        $known = $this->cache->get($key);
        $store = $this->cache->getStore();
        if ($known !== null || ! $store instanceof LockProvider) {
            return $known ?? $this->cache->remember($key, now()->addWeek(), $make);
        }
        set_time_limit(self::PATIENCE);

        return $store->lock("making:$key", self::PATIENCE)->block(
            self::PATIENCE,
            fn (): mixed => $this->cache->remember($key, now()->addWeek(), $make),
        );
    }
}
