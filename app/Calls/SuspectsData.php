<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Circuit\Circuit;
use Levin\Core\Diagnosis\Alike;
use Levin\Core\Diagnosis\Assessment;
use Levin\Core\Diagnosis\Evidence;
use Levin\Core\Diagnosis\Likely;
use Levin\Core\Diagnosis\PartShare;
use Levin\Core\Diagnosis\SuspectGroup;

/** What is still in play. */
final readonly class SuspectsData extends Data
{
    /** Groups told one by one. */
    private const TOLD = 8;

    /**
     * @param  int  $total  suspects there are
     * @param  list<string>  $unexplained  what the leading suspect does not explain, in words
     * @param  string|null  $doubted  what is probably mistaken
     * @param  string|null  $alone  what the finding would rest on alone
     * @param  list<SuspectGroupData>  $groups  most probable first
     * @param  int  $more  groups that are not told
     * @param  list<string>|null  $found  faults of the group that is as good as found
     * @param  float  $nothingWrong  how probable it is that nothing is wrong in this circuit
     * @param  list<PartShareData>  $parts  most probable first; without those that are told together
     * @param  list<AlikeData>  $alike  many wires that are told together, by what they share
     * @param  int  $less  parts and wires that are not told, as they are less probable
     * @param  list<TogetherData>  $together  faults that there may be at once, the most probable first
     * @param  list<string>  $inDoubt  every part and wire that something may be wrong with
     * @param  string  $nothingLikely  how probable it is that nothing is wrong, in a word
     * @param  string  $help  what would help where no test that is left does
     */
    private function __construct(
        public int $total,
        public int $inPlay,
        public array $unexplained,
        public ?string $doubted,
        public ?string $alone,
        public array $groups,
        public int $more,
        public ?array $found,
        public float $nothingWrong,
        public array $parts,
        public array $alike,
        public int $less,
        public array $together,
        public array $inDoubt,
        public string $nothingLikely,
        public string $help,
    ) {
    }

    public static function of(Assessment $assessment, Circuit $circuit): self
    {
        $alike = Alike::among($assessment->parts, $circuit);
        $told = array_merge(...array_map(static fn (Alike $a): array => array_column($a->wires, 'target'), $alike));
        $parts = array_values(array_filter(
            $assessment->parts,
            static fn (PartShare $p): bool => ! in_array($p->target, $told, true),
        ));

        return new self(
            $assessment->suspects,
            $assessment->inPlay,
            array_map(static fn (Evidence $e): string => $e->words(), $assessment->unexplained),
            $assessment->doubted?->words(),
            $assessment->alone?->words(),
            array_map(
                static fn (SuspectGroup $g): SuspectGroupData => SuspectGroupData::of($g),
                array_slice($assessment->groups, 0, self::TOLD),
            ),
            max(0, count($assessment->groups) - self::TOLD),
            $assessment->found()?->faults,
            $assessment->posterior[0],
            array_map(static fn (PartShare $p): PartShareData => PartShareData::of($p), array_slice($parts, 0, self::TOLD)),
            array_map(AlikeData::of(...), $alike),
            max(0, count($parts) - self::TOLD),
            array_map(TogetherData::of(...), $assessment->together),
            array_column($assessment->parts, 'target'),
            Likely::word($assessment->posterior[0]),
            $assessment->help(),
        );
    }
}
