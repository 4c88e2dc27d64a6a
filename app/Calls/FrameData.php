<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use App\Circuits\SequenceStepData;
use Levin\Core\Ladder\DrawnState;
use Levin\Core\Operation\Frame;

/** A while in which the unit of a story stands as it is. */
final readonly class FrameData extends Data
{
    /**
     * @param  float  $from  seconds since power and call came on
     * @param  float  $until  the same
     * @param  list<SequenceStepData>  $steps  what begins with it
     */
    private function __construct(public float $from, public float $until, public array $steps, public DrawnState $drawn)
    {
    }

    public static function of(Frame $frame): self
    {
        return new self(
            $frame->from,
            $frame->until,
            array_map(SequenceStepData::of(...), $frame->steps),
            DrawnState::of($frame->settled),
        );
    }
}
