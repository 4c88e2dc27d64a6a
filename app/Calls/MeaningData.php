<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Diagnosis\Meaning;

/** What a piece of evidence did to the suspects. */
final readonly class MeaningData extends Data
{
    private function __construct(public bool $asHealthy, public string $text)
    {
    }

    public static function of(Meaning $meaning): self
    {
        return new self($meaning->asHealthy, $meaning->text());
    }
}
