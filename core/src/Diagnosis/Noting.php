<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/**
 * What of a start somebody who watches it notes: everything, or nothing that is over in a moment. What has run just before is hot: it may
 * come sooner to what it comes to later, and what has opened by its heat may still be open.
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
     * @param  bool  $isHot  whether what had opened by its heat is still open as it is switched on
     */
    private function __construct(public float $share, public float $least, public float $until, private bool $isHot = false)
    {
    }

    /** @return non-empty-list<self> shares are [practice, no published source] */
    public static function all(): array
    {
        return [
            self::everything(),
            self::most(),
            new self(0.09, self::LONG, self::SECONDS),
            new self(0.1, 0.0, self::LATER),
            new self(Passages::HOT, self::SHORT, self::SECONDS, isHot: true),
        ];
    }

    public static function everything(): self
    {
        return new self(0.36, 0.0, self::SECONDS);
    }

    /** What is counted on to be noted. */
    public static function most(): self
    {
        return new self(0.3, self::SHORT, self::SECONDS);
    }

    /** The same where the same scenes are. */
    public function key(): string
    {
        return $this->until.($this->isHot ? ' hot' : '');
    }

    /**
     * Scenes of the start that is watched.
     *
     * @return non-empty-array<int, float> share of the time by number
     */
    public function scenes(Passages $passages): array
    {
        return ($this->isHot ? $passages->whenHot() : $passages)->between(0.0, $this->until);
    }

    /**
     * @template K of array-key
     *
     * @param  array<K, float>  $shares  of the time until then
     * @return array<K, float> the same without what is over too soon
     */
    public function lasting(array $shares): array
    {
        return array_filter($shares, fn (float $share): bool => $share > 0.0 && $share * $this->until >= $this->least);
    }
}
