<?php

declare(strict_types=1);

namespace App\Bench;

use App\Api\Data;
use Levin\Core\Checks\Bench\About;
use Levin\Core\Checks\Bench\Entry;
use Levin\Core\Checks\Bench\Habits;

/** A check of the bench: what it is, how it is taken, what it takes. */
final readonly class BenchCheckData extends Data
{
    /**
     * @param  list<string>  $words  by which it is found, in lower case
     * @param  list<BenchEntryData>  $entries
     */
    private function __construct(
        public string $name,
        public string $title,
        public string $how,
        public string $mistake,
        public string $caution,
        public string $leavesOut,
        public array $words,
        public array $entries,
        public BenchRowData $row,
    ) {
    }

    public static function of(About $about, Habits $habits): self
    {
        return new self(
            $about->name,
            $about->title,
            $about->how,
            $about->mistake,
            $about->caution,
            $about->leavesOut,
            $about->words,
            array_map(static fn (Entry $entry): BenchEntryData => BenchEntryData::of($entry, $habits), $about->entries),
            BenchRowData::of($about->row),
        );
    }
}
