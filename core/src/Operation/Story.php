<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

/** What a unit goes through from when power and call come on, stretch by stretch. */
final readonly class Story
{
    /** What has not happened by then is not waited for, seconds. [practice, no published source] */
    public const LONG = 2400.0;

    /** @param  non-empty-list<Stretch>  $stretches  in the order of time */
    public function __construct(public array $stretches)
    {
    }

    /**
     * Of a unit that stays as it is, while the world comes to rest.
     *
     * @param  array<string, float>  $rested  where its quantities go, by name
     */
    public static function of(Settled $settled, array $rested): self
    {
        return new self([new Stretch(0.0, self::LONG, $settled, $settled->conditions->numbers(), $rested)]);
    }
}
