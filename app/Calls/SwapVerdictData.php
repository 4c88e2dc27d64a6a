<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Checks\Bench\BadGiven;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Checks\Replacement\Swap;

/** What comes of another part in the place of one. */
final readonly class SwapVerdictData extends Data
{
    /**
     * @param  list<string>  $differs  what comes of each thing that does not match, in sentences
     * @param  string  $next  what to do then
     */
    private function __construct(public Verdict $verdict, public string $headline, public array $differs, public string $next)
    {
    }

    /**
     * @param  array<string, string>  $is
     *
     * @throws BadGiven
     */
    public static function of(Swap $swap, array $is): self
    {
        $judgement = $swap->judge($is);

        return new self($judgement->verdict, $judgement->headline, $swap->differs($is), $judgement->next);
    }

    /** The better match comes first. */
    public function rank(): int
    {
        return match ($this->verdict) {
            Verdict::Good => 0,
            Verdict::Watch => 1,
            Verdict::CannotSay => 2,
            Verdict::Bad => 3,
        };
    }
}
