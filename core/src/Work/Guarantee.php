<?php

declare(strict_types=1);

namespace Levin\Core\Work;

use Levin\Core\Checks\Bench\Habit;

/** How long a shop stands by what it did: so many days after the day of the visit, to the end of the last of them where the shop is. */
final readonly class Guarantee
{
    /** @param  \DateTimeZone  $zone  where the shop is: a day there may have 23 or 25 hours */
    public function __construct(private int $days, private \DateTimeZone $zone)
    {
    }

    /** By what a shop has chosen; null for one that gives none. */
    public static function chosen(string $choice, \DateTimeZone $zone): ?self
    {
        return match ($choice) {
            Habit::NOT_AT_ALL => null,
            Habit::DAYS_30 => new self(30, $zone),
            Habit::YEAR => new self(365, $zone),
            default => new self(90, $zone),
        };
    }

    /** The first moment at which it is over. */
    public function until(\DateTimeImmutable $visit): \DateTimeImmutable
    {
        return $this->last($visit)->ends();
    }

    /** The last day of it, where the shop is. */
    public function lastDay(\DateTimeImmutable $visit): \DateTimeImmutable
    {
        return $this->last($visit)->begins;
    }

    public function holds(\DateTimeImmutable $visit, \DateTimeImmutable $now): bool
    {
        return $now >= $visit && $now < $this->until($visit);
    }

    private function last(\DateTimeImmutable $visit): ShopDay
    {
        return ShopDay::of($visit, $this->zone)->later($this->days);
    }
}
