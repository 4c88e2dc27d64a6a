<?php

declare(strict_types=1);

namespace App\Bench;

use App\Api\Data;
use App\Calls\LoggedEvent;
use Levin\Core\Checks\Bench\Figure;
use Levin\Core\Checks\Bench\PartChecks;
use Levin\Core\Record\JudgedThen;
use Levin\Core\Record\PartHistory;
use Levin\Core\Units\Dimension;
use Levin\Core\Units\Unit;

/** What one check said of one part, visit by visit. */
final readonly class PartHistoryData extends Data
{
    /**
     * @param  string  $watched  the figure that is watched from visit to visit; empty where none is
     * @param  string  $unit  that its values are in
     * @param  TrendData|null  $trend  where there are two that count
     * @param  list<JudgedData>  $judged  the oldest first
     */
    private function __construct(
        public string $part,
        public string $label,
        public string $check,
        public string $title,
        public string $watched,
        public string $unit,
        public ?TrendData $trend,
        public array $judged,
    ) {
    }

    /**
     * @param  array<string, LoggedEvent>  $rows  by event id
     * @param  array<string, string>  $symbols  of the units someone reads in, by dimension
     */
    public static function of(PartHistory $history, array $rows, array $symbols): self
    {
        $about = (PartChecks::all()[$history->check] ?? null)?->about();
        $unitOf = static fn (Dimension $d): Unit => $d->unit($symbols[$d->value] ?? '') ?? $d->usual();
        $watched = $about->watched->figure ?? '';
        $figures = array_merge(...array_map(static fn (JudgedThen $then): array => $then->kept->figures, $history->judged));
        $one = array_values(array_filter($figures, static fn (Figure $f): bool => $f->label === $watched))[0] ?? null;
        $unit = $one === null ? null : $unitOf($one->dimension);
        $trend = $history->trend();

        return new self(
            $history->part,
            $history->label,
            $history->check,
            $about->title ?? $history->check,
            $watched,
            $unit->symbol ?? '',
            $trend === null ? null : TrendData::of($trend),
            array_map(
                static fn (JudgedThen $then): JudgedData => JudgedData::of($then, $rows[$then->event], $watched, $unit, $unitOf),
                $history->judged,
            ),
        );
    }
}
