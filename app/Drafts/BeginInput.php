<?php

declare(strict_types=1);

namespace App\Drafts;

use App\Api\Data;

/** What a draft begins with: a revision, or a family and the answers to its questions. */
final readonly class BeginInput extends Data
{
    /**
     * @param  int|null  $revision  that it is like
     * @param  string|null  $family  that it is of, where no revision is given
     * @param  list<int>  $answers  number of the answer to each of the family's questions
     * @param  int|null  $unit  that it is made for: it becomes that unit's circuit
     * @param  string|null  $title  of a circuit of its own; with neither unit nor title it is the next revision of the same circuit
     */
    public function __construct(
        public ?int $revision = null,
        public ?string $family = null,
        public array $answers = [],
        public ?int $unit = null,
        public ?string $title = null,
    ) {
    }
}
