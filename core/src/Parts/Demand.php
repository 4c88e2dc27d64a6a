<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

/** What a load asks of the circuit that feeds it, by its plate. */
final readonly class Demand
{
    /**
     * @param  float  $amps  rated, in each line conductor
     * @param  list<string>  $terminals  of the load, that its line conductors come to
     */
    public function __construct(public DemandOf $sort, public float $amps, public array $terminals)
    {
    }
}
