<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

/** Which nodes hang together by more than stray capacitance, and how far each island is from earth; many scenes share one. */
final readonly class Islands
{
    /** A flame rod is fed through two megohms; sixty picofarads at 60 Hz are forty. */
    private const STRAY_OHMS = 5e6;

    /** @var string number of the island of each node in two bytes; 0 is the one earth is in */
    private string $numbers;

    /**
     * @param  list<int>  $numbers  island of each node; 0 is the one earth is in
     * @param  array<int, array{float, float}>  $impedances  of each floating island to earth, ohms
     */
    public function __construct(array $numbers, private array $impedances)
    {
        $this->numbers = pack('v*', ...$numbers);
    }

    /**
     * Whether what is between two nodes is there by stray capacitance only: a motor's windings to its frame as well as a wire's to its
     * neighbours. What is meant to hold a node of its own goes through fewer ohms, and those are a resistance.
     */
    public function isGhost(int $a, int $b): bool
    {
        if ($this->impedances === [] || $this->of($a) === $this->of($b)) {
            return false;
        }
        [$ar, $ai] = $this->impedance($a);
        [$br, $bi] = $this->impedance($b);

        return hypot($ar, $ai) + hypot($br, $bi) > self::STRAY_OHMS || abs($ai) + abs($bi) > abs($ar) + abs($br);
    }

    /** What of the volts between two nodes is left on a meter with so many ohms of input; −1 is earth. */
    public function left(int $a, int $b, float $inputOhms): float
    {
        if ($this->impedances === [] || $this->of($a) === $this->of($b)) {
            return 1.0;
        }
        [$ar, $ai] = $this->impedance($a);
        [$br, $bi] = $this->impedance($b);

        return $inputOhms / hypot($inputOhms + $ar + $br, $ai + $bi);
    }

    /** @return array{float, float} from a node to what is fed, ohms */
    private function impedance(int $node): array
    {
        return $this->impedances[$this->of($node)] ?? [0.0, 0.0];
    }

    private function of(int $node): int
    {
        return $node < 0 ? 0 : ord($this->numbers[2 * $node]) + 256 * ord($this->numbers[2 * $node + 1]);
    }
}
