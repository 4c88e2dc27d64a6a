<?php

declare(strict_types=1);

namespace App\Bench;

use App\Api\Data;
use App\Calls\CallEvent;
use App\Calls\LoggedEvent;
use Levin\Core\Checks\Bench\Figure;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Record\JudgedThen;
use Levin\Core\Units\Dimension;
use Levin\Core\Units\Unit;

/** A part judged on one visit. */
final readonly class JudgedData extends Data
{
    /**
     * @param  int|null  $call  on which it was; null outside of any
     * @param  list<SaidData>  $figures  the numbers behind it
     * @param  float|null  $value  of the watched figure; null where there is none, or the meter was over its range
     * @param  string|null  $struck  why it was struck out
     */
    private function __construct(
        public string $id,
        public string $notedAt,
        public string $by,
        public ?int $call,
        public Verdict $verdict,
        public string $headline,
        public array $figures,
        public ?float $value,
        public ?string $struck,
    ) {
    }

    /**
     * @param  string  $watched  the figure that is
     * @param  Unit|null  $unit  that its value is in; null where none is watched
     * @param  \Closure(Dimension): Unit  $unitOf  that figures are shown in
     */
    public static function of(JudgedThen $then, LoggedEvent $row, string $watched, ?Unit $unit, \Closure $unitOf): self
    {
        $value = $then->kept->value($watched);

        return new self(
            $row->id,
            $row->noted_at->toIso8601ZuluString(),
            $row->user->name,
            $row instanceof CallEvent ? $row->call_id : null,
            $then->kept->verdict,
            $then->kept->headline,
            array_map(
                static fn (Figure $f): SaidData => new SaidData($f->label, $f->shown($unitOf($f->dimension))),
                $then->kept->figures,
            ),
            $value === null ? null : $unit?->fromSi($value),
            $then->struck,
        );
    }
}
