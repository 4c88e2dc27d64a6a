<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Circuit\Conditions;

/** Trails of the healthy unit, by conditions and by what was left of it before: those that were used last. */
final class Trails
{
    /** A diagnosis works under a few conditions at a time, */
    private const KEPT = 4;

    /** and with a unit that its faults have left in some dozens of ways. */
    private const LEFT = 40;

    /** @var array<string, Trail> the last one used first */
    private array $trails = [];

    /** @param  \Closure(Conditions, array<string, string>): Trail  $make  with part states that differ from the initial ones */
    public function __construct(private readonly \Closure $make)
    {
    }

    /** @param  array<string, string>  $left  part states that differ from the initial ones */
    public function under(Conditions $conditions, array $left = []): Trail
    {
        $key = $conditions->key().implode('|', $left);
        $trail = $this->trails[$key] ?? ($this->make)($conditions, $left);
        $kept = $left === [] ? self::KEPT : self::LEFT;
        $this->trails = [$key => $trail, ...array_slice($this->trails, 0, $kept - 1)];

        return $trail;
    }
}
