<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Bench;

/** One thing that the numbers say of a part. */
final readonly class Finding
{
    /**
     * @param  string  $words  in a sentence
     * @param  list<Figure>  $figures  the numbers behind it
     * @param  Limit|null  $limit  what it was held against, where it was against something
     */
    public function __construct(public Verdict $verdict, public string $words, public array $figures = [], public ?Limit $limit = null)
    {
    }

    /** Its first sentence, without the stop. */
    public function headline(): string
    {
        return rtrim(preg_split('/(?<=\.)\s+(?=[A-Z])/', $this->words, 2)[0] ?? $this->words, '.');
    }
}
