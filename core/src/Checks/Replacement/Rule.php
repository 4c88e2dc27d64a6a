<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Replacement;

/** How what is fitted must compare with what was there. */
enum Rule: string
{
    case Same = 'the same';
    case AtLeast = 'the same or more';
    case AtMost = 'the same or less';
    case Within = 'about the same';

    /** A number that keeps it, in words: as large as it was, or larger, or smaller. */
    public function kept(float $old, float $new): string
    {
        return match (true) {
            $new > $old && $this === self::AtLeast => 'more than it was, which it may be',
            $new < $old && $this === self::AtMost => 'less than it was, which it may be',
            $new === $old => 'as it was',
            default => 'near enough to what it was',
        };
    }

    /** Whether a number keeps it; about is within a share of the old one. */
    public function holds(float $old, float $new, float $share): bool
    {
        $slack = ($this === self::Within ? $share : 1e-3) * $old;

        return match ($this) {
            self::Same, self::Within => abs($new - $old) <= $slack,
            self::AtLeast => $new >= $old - $slack,
            self::AtMost => $new <= $old + $slack,
        };
    }
}
