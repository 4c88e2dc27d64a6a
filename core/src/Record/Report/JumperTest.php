<?php

declare(strict_types=1);

namespace Levin\Core\Record\Report;

/** A jumper wire that was on for a while. */
final readonly class JumperTest
{
    /** @param  float|null  $seconds  how long; null while it is on, or where nobody knows */
    public function __construct(public string $from, public string $to, public string $reason, public ?float $seconds)
    {
    }
}
