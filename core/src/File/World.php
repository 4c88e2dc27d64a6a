<?php

declare(strict_types=1);

namespace Levin\Core\File;

use Levin\Core\Circuit\Condition;
use Levin\Core\Circuit\Place;
use Levin\Core\Circuit\Quantity;

/** What parts of a file may refer to. */
final readonly class World
{
    /**
     * @param  array<string, Condition>  $conditions
     * @param  array<string, Quantity>  $quantities
     * @param  array<string, Place>  $places
     * @param  string  $earth  the point all voltages are counted from
     * @param  array<string, true>  $wired  points that a wire lands on
     */
    public function __construct(
        public array $conditions,
        public array $quantities,
        public array $places,
        public string $earth,
        public array $wired,
    ) {
    }
}
