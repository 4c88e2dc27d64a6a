<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/**
 * How a suspect explains one piece of evidence: the chance of just this if it was taken rightly, and if it was mistaken.
 *
 * Both are chances of what was shown or said, to the last digit; a density is never weighed against a chance.
 */
final readonly class Fit
{
    /** What a suspect shows for less of the time than this it does not explain, unless it is known to have been then. [practice] */
    public const RARE = 0.005;

    /** One in fifty is mistaken: the probe on the wrong screw, a range misread, a word misheard. [practice, no published source] */
    public const MISTAKEN = 0.02;

    /** Chance of it, however it was taken: asked for at every comparison. */
    public float $likelihood;

    /**
     * @param  float  $right  chance of it, rightly taken
     * @param  float  $mistaken  chance of it, mistaken
     * @param  bool  $explains  whether it is, rightly taken, no stranger than one in two hundred
     * @param  array<int, array{float, float}>  $scenes  share of the time and likelihood in each of the scenes it goes through, by
     *                                                   number; none where it does not go by scenes
     */
    public function __construct(
        private float $right,
        private float $mistaken,
        public bool $explains,
        public array $scenes = [],
    ) {
        $this->likelihood = (1 - self::MISTAKEN) * $right + self::MISTAKEN * $mistaken;
    }

    /**
     * Of what shows itself now one way, now another.
     *
     * @param  non-empty-list<array{self, float}>  $fits  each with its share of the time
     * @param  list<array<int, float>>  $phases  chance of each scene that each one is of, by number, where they are of scenes
     */
    public static function ofAll(array $fits, array $phases = []): self
    {
        if (count($fits) === 1 && $phases === []) {
            return $fits[0][0];
        }
        $right = $mistaken = 0.0;
        $explains = false;
        foreach ($fits as [$fit, $share]) {
            $right += $share * $fit->right;
            $mistaken += $share * $fit->mistaken;
            $explains = $explains || $fit->explains && $share >= self::RARE;
        }

        return new self($right, $mistaken, $explains, $phases === [] ? [] : self::byScene($fits, $phases));
    }

    /**
     * @param  non-empty-list<array{self, float}>  $fits  each with its share of the time
     * @param  list<array<int, float>>  $phases  chance of each scene that each one is of, by number
     * @return array<int, array{float, float}> share of the time and likelihood by number of the scene
     */
    private static function byScene(array $fits, array $phases): array
    {
        $scenes = [];
        foreach ($fits as $n => [$fit, $share]) {
            $likelihood = $fit->likelihood;
            foreach ($phases[$n] as $scene => $chance) {
                [$all, $mean] = $scenes[$scene] ?? [0.0, 0.0];
                $own = $share * $chance;
                $scenes[$scene] = [$all + $own, $own > 0.0 ? ($all * $mean + $own * $likelihood) / ($all + $own) : $mean];
            }
        }

        return $scenes;
    }

    /**
     * Of those whom nobody has asked, as they are out of play: no better than the best of the others.
     *
     * @param  array<self>  $others
     */
    public static function noBetterThan(array $others): self
    {
        $best = new self(0.0, 0.0, false);
        foreach ($others as $other) {
            $best = $other->likelihood > $best->likelihood ? $other : $best;
        }

        return new self($best->right, $best->mistaken, false);
    }

    /** The chance of it where the wiring is anyone's guess: half of the time as drawn, half of the time as if it were mistaken. */
    public function asAnyWiring(): self
    {
        return new self(($this->right + $this->mistaken) / 2, $this->mistaken, $this->explains);
    }

    /** The chance that it was mistaken, under this suspect. */
    public function doubt(): float
    {
        $all = $this->likelihood;

        return $all > 0.0 ? self::MISTAKEN * $this->mistaken / $all : 1.0;
    }
}
