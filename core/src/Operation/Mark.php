<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

/** A moment at which a moving quantity makes a difference. */
final readonly class Mark
{
    /**
     * @param  float  $after  seconds from now
     * @param  array<string, float>  $numbers  quantities that are then just past a level; none when a part only has to be told
     */
    public function __construct(public float $after, public array $numbers)
    {
    }

    /** Nothing that moves makes a difference. */
    public static function never(): self
    {
        return new self(INF, []);
    }
}
