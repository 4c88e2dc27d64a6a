<?php

declare(strict_types=1);

namespace App\Bench;

use App\Api\Data;
use Levin\Core\Checks\Bench\BadGiven;
use Levin\Core\Checks\Bench\Judgement;
use Levin\Core\Units\Unit;

/** A judgement, or what it waits for: something is typed while it is asked for. */
final readonly class BenchAnswerData extends Data
{
    /**
     * @param  string  $waits  what is missing or wrong, and what to do; empty when there is a judgement
     * @param  string  $entry  the entry that is wrong; empty where it is none, or several together
     * @param  bool  $isWrong  whether something is, and not only missing
     */
    private function __construct(public ?JudgementData $judgement, public string $waits, public string $entry, public bool $isWrong)
    {
    }

    /** @param  array<string, Unit>  $units  what to show figures in, by dimension */
    public static function of(Judgement $judgement, array $units): self
    {
        return new self(JudgementData::of($judgement, $units), '', '', false);
    }

    public static function waitingFor(BadGiven $because): self
    {
        return new self(null, $because->getMessage(), $because->entry, ! $because->isMissing);
    }
}
