<?php

declare(strict_types=1);

namespace Levin\Core\Checks;

use Levin\Core\Parts\Demand;
use Levin\Core\Parts\DemandOf;

/**
 * What the conductors and the fuse or breaker of a circuit must be, by the loads on it (NEC, article and section beside each;
 * from memory). Local codes and the unit's own plate come first.
 *
 * Compressors and electric heat in one unit are taken not to run together, and of the other motors only the largest, the blower,
 * to run with the heat.
 */
final readonly class Ampacity
{
    /** Standard ratings, amperes (NEC 240.6(A)). */
    private const STANDARD = [
        15, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100, 110, 125, 150, 175, 200, 225, 250, 300, 350, 400, 450, 500, 600,
    ];

    /** @var list<float> amperes, the largest first */
    private array $motors;

    private bool $isHermetic;

    private float $heat;

    private float $others;

    private float $blower;

    /**
     * @param  list<Demand>  $demands
     * @param  float  $phases  what one conductor carries of several elements, against their sum: 1/√3 on three phases, else 1
     */
    public function __construct(array $demands, float $phases)
    {
        $of = static fn (DemandOf ...$sorts): array => array_map(
            static fn (Demand $d): float => $d->amps,
            array_values(array_filter($demands, static fn (Demand $d): bool => in_array($d->sort, $sorts, true))),
        );
        $motors = $of(DemandOf::Compressor, DemandOf::Motor);
        rsort($motors);
        $this->motors = $motors;
        $this->isHermetic = $of(DemandOf::Compressor) !== [];
        $this->heat = array_sum($of(DemandOf::Heat)) * $phases;
        $this->others = array_sum($of(DemandOf::Other));
        $this->blower = max([0.0, ...$of(DemandOf::Motor)]);
    }

    /** Whether there is neither motor nor heat on it. */
    public function isOnlyControl(): bool
    {
        return $this->motors === [] && $this->heat === 0.0;
    }

    /** Amperes its conductors must carry: 1.25 × the largest motor + the others (440.32, 440.33); heat at 125 % (424.4(B)). */
    public function minimum(): float
    {
        $largest = $this->motors[0] ?? 0.0;

        return max(1.25 * $largest + array_sum($this->motors) - $largest, $this->heat > 0.0 ? 1.25 * ($this->heat + $this->blower) : 0.0)
            + $this->others;
    }

    /**
     * Amperes of the largest fuse or breaker: 2.25 × the largest compressor + the others, the next standard size down, and 15 in any
     * case (440.22(A), (B)); for heat the next size up from 125 % (424.4(B), 240.4(B)); for motors that are no compressors 2.5 ×
     * the largest + the others, the next size up (430.52(C), for breakers).
     */
    public function maximum(): int
    {
        $largest = $this->motors[0] ?? 0.0;
        $motors = ($this->isHermetic ? 2.25 : 2.5) * $largest + array_sum($this->motors) - $largest + $this->others;
        $heat = $this->heat > 0.0 ? self::up(1.25 * ($this->heat + $this->blower) + $this->others) : 0;

        return max($this->isHermetic ? self::down($motors) : self::up($motors), $heat);
    }

    /** The article that decides. */
    public function rule(): string
    {
        return match (true) {
            $this->isHermetic => 'NEC 440.22',
            $this->heat > 0.0 => 'NEC 424.4(B)',
            default => 'NEC 430.52',
        };
    }

    private static function down(float $amps): int
    {
        return max([self::STANDARD[0], ...array_filter(self::STANDARD, static fn (int $size): bool => $size <= $amps)]);
    }

    private static function up(float $amps): int
    {
        $larger = array_filter(self::STANDARD, static fn (int $size): bool => $size >= $amps);

        return $larger === [] ? (int) ceil($amps / 100) * 100 : min($larger);
    }
}
