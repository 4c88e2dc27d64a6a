<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Bench;

/** What comes of judging a part. */
enum Verdict: string
{
    case Good = 'good';
    case Watch = 'watch';
    case Bad = 'bad';
    case CannotSay = 'cannot say';

    public function isGood(): bool
    {
        return $this === self::Good;
    }

    /** The worse of two: a doubt weighs more than a good result, a bad one more than a doubt. */
    public function and(self $other): self
    {
        $order = [self::Good, self::CannotSay, self::Watch, self::Bad];

        return $order[max(array_search($this, $order, true), array_search($other, $order, true))];
    }
}
