<?php

declare(strict_types=1);

namespace Levin\Core\Units;

/**
 * American wire gauge: a number that falls as the wire gets thicker. d = 0.127 mm · 92^((36 − n)/39) (ASTM B258, from memory); 1/0 is
 * gauge 0, 2/0 is −1, and so on.
 */
final readonly class AwgUnit extends Unit
{
    private const THINNEST = 0.127e-3;

    private const AT = 36;

    private const BASE = 92.0;

    private const STEPS = 39;

    public function __construct()
    {
        parent::__construct('AWG', 1.0, 0.0, ['awg', 'ga', 'gauge']);
    }

    /** m² of a gauge. */
    #[\Override]
    public function toSi(float $value): float
    {
        return M_PI / 4 * (self::THINNEST * self::BASE ** ((self::AT - $value) / self::STEPS)) ** 2;
    }

    /** The gauge of so many m². */
    #[\Override]
    public function fromSi(float $value): float
    {
        return self::AT - self::STEPS * log(sqrt(4 * $value / M_PI) / self::THINNEST, self::BASE);
    }

    #[\Override]
    public function show(float $si): string
    {
        $gauge = (int) round($this->fromSi($si));

        return ($gauge > 0 ? (string) $gauge : (1 - $gauge).'/0')." $this->symbol";
    }
}
