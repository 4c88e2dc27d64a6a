<?php

declare(strict_types=1);

namespace Levin\Core\Record;

/** A jumper wire that is on. */
final readonly class JumperOn
{
    /** @param  float|null  $since  when it was put on, in seconds; null when nobody knows */
    public function __construct(public string $from, public string $to, public string $reason, public ?float $since)
    {
    }
}
