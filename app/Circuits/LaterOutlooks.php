<?php

declare(strict_types=1);

namespace App\Circuits;

use Levin\Core\Diagnosis\OutlookStore;
use Levin\Core\Diagnosis\Page;

/** Keeps what suspects predict once there is time for it. */
final class LaterOutlooks implements OutlookStore
{
    /** @var array<string, Page> */
    private array $waiting = [];

    public function __construct(private readonly OutlookStore $store)
    {
    }

    #[\Override]
    public function page(string $key): ?Page
    {
        return $this->store->page($key);
    }

    #[\Override]
    public function keep(string $key, Page $page): void
    {
        $this->waiting[$key] = $page;
    }

    /**
     * @param  \Closure(): bool  $isEnough  between two pages
     * @return bool whether all of it is kept
     */
    public function keepNow(\Closure $isEnough): bool
    {
        foreach ($this->waiting as $key => $page) {
            if ($isEnough()) {
                return false;
            }
            $this->store->keep($key, $page);
            unset($this->waiting[$key]);
        }

        return true;
    }
}
