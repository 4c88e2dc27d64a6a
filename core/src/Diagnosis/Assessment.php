<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** Where the diagnosis stands after all evidence so far. */
final readonly class Assessment
{
    /** A group with at least this much probability is a finding, */
    public const FOUND = 0.95;

    /** and what opens by its heat now and then with this much: what heats it may have been overlooked. */
    private const VICTIM = 0.99;

    /** More suspects that nothing tells apart are no finding. */
    private const FEW = 6;

    /**
     * @param  list<float>  $posterior  by variant; 0 is the healthy unit
     * @param  list<SuspectGroup>  $groups  most probable first, only those in play
     * @param  int  $inPlay  single suspects in play
     * @param  int  $suspects  all of them, the healthy unit included
     * @param  list<Advice>  $next  best first
     * @param  list<string>  $proved  parts and wires shown good
     * @param  list<Meaning>  $meanings  one for each piece of evidence
     * @param  list<Evidence>  $unexplained  what the leading suspect leaves unexplained
     * @param  Evidence|null  $doubted  the piece that is most probably mistaken, when one is
     * @param  Evidence|null  $alone  a piece without which another suspect would lead, when the rest would do for a finding
     * @param  list<PartShare>  $parts  most probable first
     * @param  list<Together>  $together  faults that there may be at once, the most probable first
     * @param  string  $help  what would help where no test that is left does; empty while one does
     */
    public function __construct(
        public array $posterior,
        public array $groups,
        public int $inPlay,
        public int $suspects,
        public array $next,
        public array $proved,
        public array $meanings,
        public array $unexplained,
        public ?Evidence $doubted,
        public ?Evidence $alone,
        public array $parts = [],
        private string $help = '',
        public array $together = [],
    ) {
    }

    public static function bar(bool $mayBeVictim): float
    {
        return $mayBeVictim ? self::VICTIM : self::FOUND;
    }

    /** What would help where nothing is found and no test that is left does. */
    public function help(): string
    {
        return $this->found() === null ? $this->help : '';
    }

    /**
     * The group that is as good as found, if there is one: it has nearly all of the probability, leaves nothing unexplained, and would lead
     * without any one piece of the evidence.
     */
    public function found(): ?SuspectGroup
    {
        $first = $this->groups[0] ?? null;

        return $first !== null && $first->probability >= self::bar($first->mayBeVictim) && count($first->labels) <= self::FEW
            && $this->unexplained === [] && $this->doubted === null && $this->alone === null ? $first : null;
    }
}
