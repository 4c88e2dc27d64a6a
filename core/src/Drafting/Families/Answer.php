<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Families;

/** What may be said to a question, and what it changes. */
final readonly class Answer
{
    /** @param  list<string>  $edits  as Edits takes them; none where the circuit is so already */
    public function __construct(public string $say, public array $edits)
    {
    }
}
