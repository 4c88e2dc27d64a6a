<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Circuit\Circuit;

/**
 * What those in play are most probably going through now. A variant that may well be in another phase too counts twice, under a number of
 * its own, so that a test is not taken to tell suspects apart that only tells phases.
 */
final readonly class Beliefs
{
    /** Phases with less of the chance than this are not thought of, */
    private const LEAST = 0.1;

    /** nor more of a variant's than these. */
    private const MOST = 3;

    /**
     * @param  string|null  $live  what it is fed under; null when it is off
     * @param  string  $cut  what it is fed under, or was until power was cut
     * @param  array<int, int>  $scenes  by number
     * @param  array<int, int>  $doubles  the variant, by number past all of them
     * @param  array<int, float>  $shares  of its variant's chance, by number
     */
    private function __construct(
        private ?string $live,
        private string $cut,
        private array $scenes,
        public array $doubles,
        private array $shares,
    ) {
    }

    /**
     * @param  array<int, array<int, float>>  $now  chance of each scene by variant; none where it is the same in all
     * @param  int  $variants  how many there are
     */
    public static function of(Occasion $when, Circuit $circuit, array $now, int $variants): self
    {
        $isFed = $when->conditions->isEnergised($circuit);
        $cut = (new Occasion($when->conditions->energised($circuit)))->key();
        $scenes = $doubles = $shares = [];
        foreach ($now as $variant => $chances) {
            arsort($chances);
            $likely = array_slice(array_filter($chances, static fn (float $p): bool => $p >= self::LEAST), 0, self::MOST, true);
            $number = $variant;
            foreach ($likely as $scene => $chance) {
                $scenes[$number] = $scene;
                $shares[$number] = $chance / array_sum($likely);
                $doubles += $number === $variant ? [] : [$number => $variant];
                $number = $variants + count($doubles);
            }
        }

        return new self($isFed ? $when->key() : null, $cut, $scenes, $doubles, $shares);
    }

    /** The variant that a number stands for. */
    public function variant(int $number): int
    {
        return $this->doubles[$number] ?? $number;
    }

    /** The scene that it is in then, fed; nothing where that is not known. */
    public function scene(int $number, Occasion $when): ?int
    {
        return $this->live === $when->key() ? $this->scenes[$number] ?? null : null;
    }

    /**
     * The scene that it is in, or was until power was cut; nothing where that is not known.
     *
     * @param  Occasion  $fed  when it is, or was
     */
    public function cut(int $number, Occasion $fed): ?int
    {
        return $this->cut === $fed->key() ? $this->scenes[$number] ?? null : null;
    }

    /**
     * @param  array<int, float>  $weights  by variant
     * @return array<int, float> by number
     */
    public function spread(array $weights): array
    {
        $spread = [];
        foreach ($weights as $variant => $weight) {
            $spread[$variant] = $weight * ($this->shares[$variant] ?? 1.0);
        }
        foreach ($this->doubles as $number => $variant) {
            $spread += isset($weights[$variant]) ? [$number => $weights[$variant] * $this->shares[$number]] : [];
        }

        return $spread;
    }
}
