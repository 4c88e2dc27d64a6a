<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

/** One rung by itself, from rail to rail. */
final readonly class Closeup
{
    /**
     * @param  int  $number  of its row in the whole drawing
     * @param  string  $section  its title
     * @param  list<int>  $feeds  numbers of the rungs that feed its rails
     */
    public function __construct(public int $number, public string $section, public array $feeds, public Drawing $drawing)
    {
    }
}
