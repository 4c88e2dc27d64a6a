<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Supply;

/** What three legs read to ground says of how they are wound, and of one that is fed back by what runs. */
final readonly class LegsToGround
{
    /** A high leg is √3 times the two others to ground [physics]; told so within this share. */
    private const NEAR = 0.08;

    /** Less than this share of the highest is the grounded corner of a delta, or a leg with nothing on it. [practice] */
    private const NOTHING = 0.1;

    /** More than that and less than this, where the two others agree, is fed back by a motor that runs. [practice] */
    private const FED_BACK = 0.9;

    /** @param  array{L1: float, L2: float, L3: float}|null  $read  null where not all three were */
    private function __construct(private ?array $read)
    {
    }

    public static function of(?float $one, ?float $two, ?float $three): self
    {
        return new self($one === null || $two === null || $three === null ? null : ['L1' => $one, 'L2' => $two, 'L3' => $three]);
    }

    /** The leg of a delta whose one winding is grounded at its middle that is farthest from ground. */
    public function highLeg(): ?string
    {
        [$high, $middle, $low] = $this->sorted();
        $isSo = $low > 0.0 && $middle - $low < self::NEAR * $middle && abs($high / (sqrt(3) * $middle) - 1) < self::NEAR;

        return $isSo ? $this->leg($high) : null;
    }

    /** The leg of a delta that is grounded itself: the two others read to ground what they read between them. */
    public function corner(float $between): ?string
    {
        [$high, $middle, $low] = $this->sorted();
        $isSo = $high > 0.0 && $low < self::NOTHING * $high && abs($high - $between) < self::NEAR * $between
            && abs($middle - $between) < self::NEAR * $between;

        return $isSo ? $this->leg($low) : null;
    }

    /** A leg that reads too little beside two that agree, and not nothing: a motor that runs on two legs makes the third. */
    public function fedBack(): ?string
    {
        [$high, $middle, $low] = $this->sorted();
        $isSo = $high > 0.0 && $high - $middle < self::NEAR * $high && $low < self::FED_BACK * $middle && $low > self::NOTHING * $middle;

        return $isSo && $this->highLeg() === null ? $this->leg($low) : null;
    }

    /** @return array{float, float, float} the highest first; noughts where not all three were read */
    private function sorted(): array
    {
        $read = array_values($this->read ?? [0.0, 0.0, 0.0]);
        rsort($read);

        return [$read[0], $read[1], $read[2]];
    }

    private function leg(float $volts): ?string
    {
        $leg = array_search($volts, $this->read ?? [], true);

        return $leg === false ? null : (string) $leg;
    }
}
