<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/**
 * What of a start somebody who watches it notes: everything, or nothing that is over in a moment. What has run just before is hot, and may
 * come sooner to what it comes to later.
 */
final readonly class Noting
{
    /** A start is watched so long, seconds. [practice, no published source] */
    public const SECONDS = 240.0;

    /** What lasts so long is counted on to be noted, seconds. [practice, no published source] */
    public const SHORT = 3.5;

    /** What a hot unit may come to while it is watched, a cold one comes to by then, seconds. [practice, no published source] */
    private const LATER = 900.0;

    private const LONG = 8.0;

    /**
     * @param  float  $share  of those who watch
     * @param  float  $least  seconds that it lasts
     * @param  float  $until  seconds since it was switched on
     */
    private function __construct(public float $share, public float $least, public float $until)
    {
    }

    /** @return array{self, self, self, self} shares are [practice, no published source] */
    public static function all(): array
    {
        return [
            new self(0.45, 0.0, self::SECONDS),
            new self(0.36, self::SHORT, self::SECONDS),
            new self(0.09, self::LONG, self::SECONDS),
            new self(0.1, 0.0, self::LATER),
        ];
    }

    /** What is counted on to be noted. */
    public static function most(): self
    {
        return self::all()[1];
    }

    /**
     * @template K of array-key
     *
     * @param  array<K, float>  $shares  of the time until then
     * @return array<K, float> the same without what is over too soon
     */
    public function of(array $shares): array
    {
        return array_filter($shares, fn (float $share): bool => $share > 0.0 && $share * $this->until >= $this->least);
    }
}
