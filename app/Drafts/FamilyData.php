<?php

declare(strict_types=1);

namespace App\Drafts;

use App\Api\Data;
use Levin\Core\Drafting\Families\Answer;
use Levin\Core\Drafting\Families\Family;
use Levin\Core\Drafting\Families\Question;

/** Units that are alike but for a few things. */
final readonly class FamilyData extends Data
{
    /** @param  list<FamilyQuestionData>  $questions */
    private function __construct(public string $id, public string $title, public array $questions)
    {
    }

    public static function of(Family $family): self
    {
        return new self($family->id, $family->title, array_map(
            static fn (Question $q): FamilyQuestionData => new FamilyQuestionData(
                $q->ask,
                $q->look,
                array_map(static fn (Answer $a): string => $a->say, $q->answers),
            ),
            $family->questions,
        ));
    }
}
