<?php

declare(strict_types=1);

namespace Levin\Core\Ladder;

/** Rows that stay together, one under the other: a single one, or the lines of what has several poles. */
final readonly class Bundle
{
    /**
     * @param  list<Row>  $rows
     * @param  ThreeLines|null  $load  what three rows end in
     * @param  bool  $turnsDown  whether its lines run on to the right and turn down there, one beside the other, for what hangs from them
     */
    public function __construct(public array $rows, public ?ThreeLines $load = null, public bool $turnsDown = false)
    {
    }
}
