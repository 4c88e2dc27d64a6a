<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Refrigerants;

/** Pressure by temperature along one curve: between two points of its table ln p is straight over 1/T (Clausius and Clapeyron). */
final readonly class SaturationCurve
{
    private const ZERO = 273.15;

    private const KILO = 1e3;

    private const INVERSE = 0;

    private const LOGARITHM = 1;

    /** °C that the table has. */
    public Span $temperatures;

    /** Pa absolute that it has. */
    public Span $pressures;

    /** @var list<array{float, float}> 1/K and ln Pa, the coldest first */
    private array $points;

    /** @param  non-empty-array<int, float>  $table  kPa absolute by °C, rising */
    public function __construct(array $table)
    {
        [$coldest, $hottest] = [array_key_first($table), array_key_last($table)];
        $this->temperatures = new Span((float) $coldest, (float) $hottest);
        $this->pressures = new Span(self::KILO * $table[$coldest], self::KILO * $table[$hottest]);
        $this->points = array_map(
            static fn (int $celsius, float $pressure): array => [1 / ($celsius + self::ZERO), log(self::KILO * $pressure)],
            array_keys($table),
            array_values($table),
        );
    }

    /**
     * Pa absolute.
     *
     * @throws OffTheTable
     */
    public function pressure(float $celsius): float
    {
        return $this->temperatures->holds($celsius)
            ? exp($this->other(1 / ($celsius + self::ZERO), self::INVERSE, self::LOGARITHM))
            : throw new OffTheTable;
    }

    /**
     * °C.
     *
     * @throws OffTheTable
     */
    public function celsius(float $pascal): float
    {
        return $this->pressures->holds($pascal)
            ? 1 / $this->other(log($pascal), self::LOGARITHM, self::INVERSE) - self::ZERO
            : throw new OffTheTable;
    }

    /**
     * The other coordinate, along the straight line between the two points that hold one.
     *
     * @param  self::INVERSE|self::LOGARITHM  $of
     * @param  self::INVERSE|self::LOGARITHM  $to
     */
    private function other(float $x, int $of, int $to): float
    {
        for ($n = 1; $n < count($this->points) - 1 && ($x - $this->points[$n][$of]) * ($this->points[0][$of] - $x) < 0.0; $n++);
        [$a, $b] = [$this->points[$n - 1], $this->points[$n]];

        return $a[$to] + ($x - $a[$of]) / ($b[$of] - $a[$of]) * ($b[$to] - $a[$to]);
    }
}
