<?php

declare(strict_types=1);

namespace App\Bench;

use App\Api\Data;
use Levin\Core\Checks\Bench\Trend;
use Levin\Core\Checks\Bench\Verdict;

/** What has become of a part from one visit to the next. */
final readonly class TrendData extends Data
{
    private function __construct(public Verdict $verdict, public string $words, public SaidData $limit)
    {
    }

    public static function of(Trend $trend): self
    {
        return new self($trend->verdict, $trend->words, new SaidData($trend->limit->words, $trend->limit->source->words));
    }
}
