<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** A scene in the course of one variant's story, from when until when, and how what can be measured of the world moves meanwhile. */
final readonly class Passage
{
    /** Of one quantity. */
    private const BYTES = 8;

    /**
     * @param  float  $from  seconds since power and call came on
     * @param  float  $until  the same
     * @param  int  $scene  number in its outlook
     * @param  string  $measured  two floats for each quantity that can be measured, as it begins and as it ends: there are many passages
     */
    public function __construct(public float $from, public float $until, public int $scene, public string $measured)
    {
    }

    /**
     * @param  list<string>  $quantities  that can be measured
     * @param  array<string, float>  $begins  by name
     * @param  array<string, float>  $ends  by name
     */
    public static function measured(array $quantities, array $begins, array $ends): string
    {
        return implode('', array_map(static fn (string $q): string => pack('g2', $begins[$q] ?? 0.0, $ends[$q] ?? 0.0), $quantities));
    }

    /** @return array{float, float} a quantity as it begins and as it ends, in its unit */
    public function moves(int $quantity): array
    {
        /** @var array{1: float, 2: float} $ends */
        $ends = unpack('g2', $this->measured, self::BYTES * $quantity);

        return [$ends[1], $ends[2]];
    }

    /** Seconds of it between two times. */
    public function within(float $from, float $until): float
    {
        return max(0.0, min($until, $this->until) - max($from, $this->from));
    }
}
