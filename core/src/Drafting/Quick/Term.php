<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Quick;

/** What technicians call something that stands on a rung, and what it is. */
final readonly class Term
{
    /**
     * @param  string  $letters  as diagrams have it, alternatives with | between; the first is what it is called here
     * @param  string  $words  a pattern for what is said of it
     * @param  string  $series  its kind where it stands in series; empty where it does not
     * @param  string  $load  its kind at the end of a rung; empty where it is no load
     */
    public function __construct(
        public string $letters,
        public string $words,
        public string $label,
        public string $series = '',
        public string $load = '',
        public Spot $spot = Spot::Unit,
    ) {
    }

    public function letter(): string
    {
        return explode('|', $this->letters)[0];
    }
}
