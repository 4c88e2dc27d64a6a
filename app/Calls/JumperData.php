<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Carbon\CarbonImmutable;
use Levin\Core\Record\JumperOn;

/** A jumper wire that is on. */
final readonly class JumperData extends Data
{
    /** @param  string|null  $since  when it was put on */
    private function __construct(public string $from, public string $to, public string $reason, public ?string $since)
    {
    }

    public static function of(JumperOn $jumper): self
    {
        return new self(
            $jumper->from,
            $jumper->to,
            $jumper->reason,
            $jumper->since === null ? null : CarbonImmutable::createFromTimestamp($jumper->since)->toIso8601ZuluString(),
        );
    }
}
