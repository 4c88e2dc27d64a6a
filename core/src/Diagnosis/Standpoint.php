<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Conditions;

/** From where the next test is chosen: how the unit stands, where the technician is, what cannot be done, what the shop would rather do. */
final readonly class Standpoint
{
    /**
     * @param  Conditions  $now  as the unit stands
     * @param  string|null  $place  where the technician is
     * @param  list<string>  $fresh  parts that have been replaced
     * @param  Leaning  $leaning  what the shop would rather do
     */
    public function __construct(
        public Conditions $now,
        public bool $provedDead = false,
        public ?string $place = null,
        public array $fresh = [],
        public Limits $limits = new Limits,
        public Leaning $leaning = new Leaning,
    ) {
    }

    /** The same where the same is advised. */
    public function key(): string
    {
        return $this->now->key().' '.serialize([$this->provedDead, $this->place, $this->fresh, $this->limits, $this->leaning]);
    }

    /** The same with the unit under other conditions: proved dead only as long as they are the same. */
    public function under(Conditions $now): self
    {
        $isSame = $now->key() === $this->now->key();

        return new self($now, $this->provedDead && $isSame, $this->place, $this->fresh, $this->limits, $this->leaning);
    }
}
