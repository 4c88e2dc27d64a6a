<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Diagnosis\Alike;
use Levin\Core\Diagnosis\Likely;
use Levin\Core\Diagnosis\PartShare;

/** Wires with which the same may be wrong. */
final readonly class AlikeData extends Data
{
    /**
     * @param  string  $label  how many they are, and what they share
     * @param  float  $probability  that it is one of them
     * @param  string  $likely  that in a word
     * @param  list<string>  $faults  what may be wrong with each, the most probable first
     * @param  list<PartShareData>  $wires  the most probable first
     */
    private function __construct(
        public string $label,
        public float $probability,
        public string $likely,
        public array $faults,
        public array $wires,
    ) {
    }

    public static function of(Alike $alike): self
    {
        return new self(
            $alike->label,
            $alike->probability(),
            Likely::word($alike->probability()),
            $alike->faults(),
            array_map(static fn (PartShare $w): PartShareData => PartShareData::of($w), $alike->wires),
        );
    }
}
