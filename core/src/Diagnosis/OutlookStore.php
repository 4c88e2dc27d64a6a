<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** Keeps what suspects predict between uses. The core keeps it in memory; an application may keep it longer. */
interface OutlookStore
{
    /** Null when nothing has been kept under that key. */
    public function page(string $key): ?Page;

    public function keep(string $key, Page $page): void;
}
