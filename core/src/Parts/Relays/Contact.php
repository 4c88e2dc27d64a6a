<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Relays;

/** One contact of a relay, between two of its terminals. */
final readonly class Contact
{
    /** @param  float  $weight  how often it fails, beside the other modes of its kind [practice, no published source] */
    public function __construct(
        public string $name,
        public string $from,
        public string $to,
        public bool $isClosedAtRest = false,
        public float $weight = 0.8,
    ) {
    }
}
