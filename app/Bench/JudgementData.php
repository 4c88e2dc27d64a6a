<?php

declare(strict_types=1);

namespace App\Bench;

use App\Api\Data;
use Levin\Core\Checks\Bench\Figure;
use Levin\Core\Checks\Bench\Judgement;
use Levin\Core\Checks\Bench\Limit;
use Levin\Core\Checks\Bench\Phasor;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Units\Unit;

/** What a check comes to. */
final readonly class JudgementData extends Data
{
    /**
     * @param  list<string>  $findings  the most important first
     * @param  list<SaidData>  $figures  the numbers behind it
     * @param  list<SaidData>  $limits  what it was held against, and where that comes from
     * @param  list<PhasorData>  $phasors
     */
    private function __construct(
        public Verdict $verdict,
        public string $headline,
        public array $findings,
        public array $figures,
        public array $limits,
        public string $next,
        public ?BenchRowData $row,
        public array $phasors,
    ) {
    }

    /** @param  array<string, Unit>  $units  what to show figures in, by dimension; the usual one of the rest */
    public static function of(Judgement $judgement, array $units): self
    {
        return new self(
            $judgement->verdict,
            $judgement->headline,
            $judgement->findings,
            array_map(static fn (Figure $f): SaidData => new SaidData(
                $f->label,
                $f->shown($units[$f->dimension->value] ?? null),
            ), $judgement->figures),
            array_map(static fn (Limit $l): SaidData => new SaidData($l->words, $l->source->words), $judgement->limits),
            $judgement->next,
            $judgement->row === null ? null : BenchRowData::of($judgement->row),
            array_map(static fn (Phasor $p): PhasorData => PhasorData::of($p), $judgement->phasors),
        );
    }
}
