<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Conditions;

/** From where the next test is chosen: how the unit stands, where the technician is, and what cannot be done now. */
final readonly class Standpoint
{
    /**
     * @param  Conditions  $now  as the unit stands
     * @param  string|null  $place  where the technician is
     * @param  list<string>  $fresh  parts that have been replaced
     */
    public function __construct(
        public Conditions $now,
        public bool $provedDead = false,
        public ?string $place = null,
        public array $fresh = [],
        public Limits $limits = new Limits,
    ) {
    }
}
