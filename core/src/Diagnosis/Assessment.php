<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** Where the diagnosis stands after all evidence so far. */
final readonly class Assessment
{
    /** A group with at least this much probability is a finding. */
    private const FOUND = 0.92;

    /**
     * @param  list<float>  $posterior  by suspect; 0 is the healthy unit
     * @param  list<SuspectGroup>  $groups  most probable first, only those in play
     * @param  int  $inPlay  single suspects in play
     * @param  int  $suspects  all of them, the healthy unit included
     * @param  list<Advice>  $next  best first
     * @param  list<string>  $proved  parts and wires shown good
     * @param  list<Meaning>  $meanings  one for each piece of evidence
     * @param  bool  $contradiction  no single fault explains the evidence well
     */
    public function __construct(
        public array $posterior,
        public array $groups,
        public int $inPlay,
        public int $suspects,
        public array $next,
        public array $proved,
        public array $meanings,
        public bool $contradiction,
    ) {
    }

    /** The group that is as good as found, if there is one. */
    public function found(): ?SuspectGroup
    {
        $first = $this->groups[0] ?? null;

        return $first !== null && $first->probability >= self::FOUND && ! $this->contradiction && count($first->labels) <= Chooser::LAST_FEW
            ? $first
            : null;
    }
}
