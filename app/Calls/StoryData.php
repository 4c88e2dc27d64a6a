<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Operation\Frame;
use Levin\Core\Parts\Fault;

/** What the model of a unit does after the call comes on, healthy or with something wrong. */
final readonly class StoryData extends Data
{
    /**
     * @param  string|null  $with  what is wrong with it; null for nothing
     * @param  non-empty-list<FrameData>  $frames  in the order of time
     */
    private function __construct(public ?string $with, public array $frames)
    {
    }

    /** @param  non-empty-list<Frame>  $frames */
    public static function of(?Fault $fault, array $frames): self
    {
        return new self($fault?->label, array_map(FrameData::of(...), $frames));
    }
}
