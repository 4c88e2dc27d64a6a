<?php

declare(strict_types=1);

namespace Levin\Core\Record\Report;

use Levin\Core\Checks\Bench\Verdict;

/** Something that was read, seen, felt or measured, as a report has it. */
final readonly class ReadLine
{
    /**
     * @param  string  $what  in words
     * @param  string  $shown  as it was shown
     * @param  Verdict|null  $verdict  of the bench, where it judged a part by it
     * @param  string  $judged  the same in words
     * @param  float|null  $at  when, in seconds
     */
    public function __construct(
        public string $what,
        public string $shown,
        public ?Verdict $verdict,
        public string $judged,
        public ?float $at,
    ) {
    }
}
