<?php

declare(strict_types=1);

namespace App\Drafts;

use App\Api\Data;
use App\Circuits\CircuitSheetData;
use Levin\Core\Circuit\Place;
use Levin\Core\Drafting\Difference;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Review;

/** A circuit that is being made, as it stands. */
final readonly class DraftData extends Data
{
    /** Steps that are told. */
    private const TOLD = 12;

    /**
     * @param  string  $circuit  id that it will be saved as
     * @param  string  $begun  the title of what it began with; empty for one that began with nothing
     * @param  int|null  $unit  that it is made for
     * @param  string|null  $photo  of the label
     * @param  int  $at  number of the step that stands
     * @param  int  $steps  number of the last one, which may have been undone
     * @param  list<string>  $done  what was done last, the last first
     * @param  bool  $isSaved  as it stands
     * @param  bool  $isSound  whether it can be saved and used
     * @param  list<WrongData>  $wrong  what bars first
     * @param  CircuitSheetData|null  $sheet  as far as it can be drawn
     * @param  list<DraftPartData>  $parts
     * @param  list<DraftPlaceData>  $places
     * @param  list<BoardData>  $boards
     * @param  list<ChangeData>  $changes  against what it began with
     */
    private function __construct(
        public int $id,
        public string $circuit,
        public string $title,
        public string $begun,
        public ?int $unit,
        public ?string $photo,
        public int $at,
        public int $steps,
        public array $done,
        public bool $isSaved,
        public bool $isSound,
        public array $wrong,
        public ?CircuitSheetData $sheet,
        public array $parts,
        public array $places,
        public array $boards,
        public array $changes,
    ) {
    }

    public static function of(CircuitDraft $kept): self
    {
        $draft = $kept->draft();
        $review = Review::of($draft);
        $first = Draft::of($kept->steps()->where('number', 0)->firstOrFail()->text);
        $done = $kept->steps()->whereBetween('number', [1, $kept->at])->reorder('number', 'desc')->limit(self::TOLD)->pluck('words')->all();
        $sheet = $review->model === null ? null : CircuitSheetData::drawn($review->model);

        return new self(
            $kept->id,
            $kept->circuit_id,
            $review->model->circuit->title ?? $kept->circuit_id,
            $kept->base->title ?? '',
            $kept->unit_id,
            $kept->photo,
            $kept->at,
            $kept->steps()->count() - 1,
            array_values(array_filter($done, is_string(...))),
            $kept->saved_at !== null,
            $review->isSound(),
            array_map(WrongData::of(...), $review->wrong),
            $sheet,
            DraftPartData::all($draft),
            array_values(array_map(
                static fn (Place $p): DraftPlaceData => new DraftPlaceData($p->id, $p->label, $p->minutes),
                $review->model->circuit->places ?? [],
            )),
            BoardData::all($draft),
            array_map(ChangeData::of(...), Difference::between($first, $draft)),
        );
    }
}
