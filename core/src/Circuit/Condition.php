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
     */
    public function __construct(
        public string $name,
        public string $label,
        public bool $default,
        public string $on,
        public string $off,
        public bool $power = false,
        public bool $call = false,
    ) {
    }
}
