<?php

declare(strict_types=1);

namespace Levin\Core\Circuit;

/**
 * One thing the operator or the world can set: a disconnect, a thermostat call, a pressure that is too high.
 */
final readonly class Condition
{
    /**
     * @param  bool  $power  true when switching it off is part of making the unit dead
     * @param  bool  $call  true when a thermostat or a controller sets it
     * @param  bool  $putBack  true when the one who opens it puts it back: a cover, a cock
     */
    public function __construct(
        public string $name,
        public string $label,
        public bool $default,
        public string $on,
        public string $off,
        public bool $power = false,
        public bool $call = false,
        public bool $putBack = false,
    ) {
    }

    /** Whether a visit must leave it as it should be. */
    public function isPutBack(): bool
    {
        return $this->power || $this->putBack;
    }

    public function word(bool $on): string
    {
        return $on ? $this->on : $this->off;
    }
}
