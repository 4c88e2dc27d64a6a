<?php

declare(strict_types=1);

namespace Levin\Core\Operation;

/** A stretch of a story in which no part moves; the quantities of the world may. */
final readonly class Stretch
{
    /**
     * @param  float  $from  seconds since power and call came on
     * @param  float  $until  the same
     * @param  array<string, float>  $begins  quantities as it begins, by name, each in its unit
     * @param  array<string, float>  $ends  the same as it ends
     */
    public function __construct(
        public float $from,
        public float $until,
        public Settled $settled,
        public array $begins,
        public array $ends,
    ) {
    }

    /** As it stands at another time at which every part stands alike. */
    public function as(Settled $settled): self
    {
        return new self($this->from, $this->until, $settled, $this->begins, $this->ends);
    }

    /** The same where every part stands alike, whatever the speeds. */
    public function posture(): string
    {
        return self::postureOf($this->settled->states);
    }

    /** @param  array<string, string>  $states */
    public static function postureOf(array $states): string
    {
        return (string) preg_replace('/ \d+\.\d+/', '', implode('|', $states));
    }
}
