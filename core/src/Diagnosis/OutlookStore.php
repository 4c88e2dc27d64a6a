<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** Keeps what suspects predict between uses. The core keeps it in memory; an application may keep it longer. */
interface OutlookStore
{
    /**
     * @param  \Closure(): Outlook  $make
     */
    public function outlook(string $key, \Closure $make): Outlook;

    /**
     * @param  \Closure(): list<non-empty-list<float|null>>  $make
     * @return list<non-empty-list<float|null>> dead readings by variant and by what may be left of it, SI, null for OL
     */
    public function readings(string $key, \Closure $make): array;

    /** The outcomes of tests on one occasion, as far as they are known. */
    public function sheet(string $key): Sheet;

    public function keep(string $key, Sheet $sheet): void;
}
