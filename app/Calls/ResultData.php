<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Diagnosis\Result;

/** What a test may show, and what that would mean. */
final readonly class ResultData extends Data
{
    /**
     * @param  string  $said  what it shows, as a technician says it
     * @param  string  $likely  how likely that is, in a word
     * @param  string  $who  what would be wrong then
     */
    private function __construct(public string $said, public string $likely, public string $who, public bool $asHealthy)
    {
    }

    public static function of(Result $result): self
    {
        return new self($result->said, $result->likely(), $result->who(), $result->isAsHealthy);
    }
}
