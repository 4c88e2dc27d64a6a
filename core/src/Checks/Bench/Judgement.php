<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Bench;

/** What a check comes to: the verdict, and all that stands behind it. */
final readonly class Judgement
{
    /**
     * @param  string  $headline  the verdict on this part, in a few words
     * @param  list<string>  $findings  what the numbers say, in sentences, the most important first
     * @param  list<Figure>  $figures  the numbers behind it
     * @param  list<Limit>  $limits  what it was held against
     * @param  string  $next  what to do now
     */
    public function __construct(
        public Verdict $verdict,
        public string $headline,
        public array $findings,
        public array $figures,
        public array $limits,
        public string $next,
    ) {
    }
}
