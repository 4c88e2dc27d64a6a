<?php

declare(strict_types=1);

namespace App\Drafts;

use App\Api\Data;

/** One thing in which units of a family differ. */
final readonly class FamilyQuestionData extends Data
{
    /**
     * @param  string  $look  where one sees it
     * @param  list<string>  $answers  the first is as the circuit is
     */
    public function __construct(public string $ask, public string $look, public array $answers)
    {
    }
}
