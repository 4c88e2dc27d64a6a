<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Diagnosis\Likely;
use Levin\Core\Diagnosis\Together;

/** Two faults that there may be at once. */
final readonly class TogetherData extends Data
{
    /** @param  string  $likely  its probability in a word */
    private function __construct(public string $label, public float $probability, public string $likely)
    {
    }

    public static function of(Together $together): self
    {
        return new self($together->label, $together->probability, Likely::word($together->probability));
    }
}
