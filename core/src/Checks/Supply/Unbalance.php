<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Supply;

/** How uneven three voltages are, and what that leaves of a motor: the one rule, wherever a supply is judged. */
final readonly class Unbalance
{
    /** Above it a motor gives less than its power (NEMA MG 1, 14.36; from memory). */
    public const DERATE = 0.01;

    /** Share of its power by unbalance in per cent, and none above five: NEMA MG 1, 14.36 and figure 14-1, read off (from memory). */
    private const DERATING = [1 => 1.0, 2 => 0.95, 3 => 0.88, 4 => 0.82, 5 => 0.75];

    public float $mean;

    /** @var float the largest deviation from the mean, of the mean */
    public float $share;

    public function __construct(float $one, float $two, float $three)
    {
        $this->mean = ($one + $two + $three) / 3;
        $deviations = array_map(fn (float $volts): float => abs($volts - $this->mean), [$one, $two, $three]);
        $this->share = $this->mean > 0.0 ? max($deviations) / $this->mean : 0.0;
    }

    /** The share of its power that a motor may give; none above five per cent. */
    public function derating(): ?float
    {
        $percent = 100 * $this->share;
        foreach (self::DERATING as $at => $share) {
            $before = self::DERATING[$at - 1] ?? 1.0;
            if ($percent <= $at) {
                return $before + ($share - $before) * ($percent - $at + 1);
            }
        }

        return null;
    }
}
