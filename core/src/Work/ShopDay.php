<?php

declare(strict_types=1);

namespace Levin\Core\Work;

/** A day where the shop is, from midnight to midnight: 23 or 25 hours when the clocks change. */
final readonly class ShopDay
{
    private function __construct(public \DateTimeImmutable $begins)
    {
    }

    /** The day that a moment is in. */
    public static function of(\DateTimeImmutable $moment, \DateTimeZone $zone): self
    {
        return new self($moment->setTimezone($zone)->setTime(0, 0));
    }

    /** The same so many days on. */
    public function later(int $days): self
    {
        return new self($this->begins->modify(sprintf('%+d days', $days)));
    }

    /** The first moment that is not in it any more. */
    public function ends(): \DateTimeImmutable
    {
        return $this->later(1)->begins;
    }
}
