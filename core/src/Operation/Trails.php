<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

use Levin\Core\Circuit\Conditions;

/** Trails of the healthy unit, by conditions: those that were used last. */
final class Trails
{
    /** A diagnosis works under a few conditions at a time. */
    private const KEPT = 4;

    /** @var array<string, Trail> the last one used first */
    private array $trails = [];

    /** @param  \Closure(Conditions): Trail  $make */
    public function __construct(private readonly \Closure $make)
    {
    }

    public function under(Conditions $conditions): Trail
    {
        $key = $conditions->key();
        $trail = $this->trails[$key] ?? ($this->make)($conditions);
        $this->trails = [$key => $trail, ...array_slice($this->trails, 0, self::KEPT - 1)];

        return $trail;
    }
}
