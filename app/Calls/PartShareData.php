<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Diagnosis\Likely;
use Levin\Core\Diagnosis\PartShare;

/** How probable it is that something is wrong with a part or wire. */
final readonly class PartShareData extends Data
{
    /**
     * @param  string  $likely  its probability in a word
     * @param  list<string>  $faults  what may be wrong with it, the most probable first
     */
    private function __construct(
        public string $target,
        public string $label,
        public float $probability,
        public string $likely,
        public array $faults,
    ) {
    }

    public static function of(PartShare $share): self
    {
        return new self($share->target, $share->label, $share->probability, Likely::word($share->probability), $share->faults);
    }
}
