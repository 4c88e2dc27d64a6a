<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Families;

/** One thing in which units of a family differ. */
final readonly class Question
{
    /**
     * @param  string  $look  where one sees it on the unit
     * @param  non-empty-list<Answer>  $answers  the first is as the circuit is
     */
    public function __construct(public string $ask, public string $look, public array $answers)
    {
    }
}
