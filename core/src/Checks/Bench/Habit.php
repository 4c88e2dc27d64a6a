<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Bench;

/** Where careful people differ, and a shop has its own way. */
enum Habit: string
{
    case WeakCapacitor = 'weak capacitor';
    case FuseOfASet = 'one fuse of a set blown';

    public const WITHIN_6 = '±6 %';

    public const WITHIN_5 = '±5 %';

    public const WITHIN_10 = '±10 %';

    public const TEN_OFF = 'shop: −10 %';

    public const WHOLE_SET = 'replace all of the set';

    public const ONE_OF_THEM = 'replace the one that blew';

    /** @return non-empty-list<string> what one can do, the usual first */
    public function choices(): array
    {
        return match ($this) {
            self::WeakCapacitor => [self::WITHIN_6, self::WITHIN_5, self::WITHIN_10, self::TEN_OFF],
            self::FuseOfASet => [self::WHOLE_SET, self::ONE_OF_THEM],
        };
    }

    /** Why the usual is the usual, in a sentence. */
    public function why(): string
    {
        return match ($this) {
            self::WeakCapacitor => 'Its mark is what the motor was built for; ±6 % is usual in North America.',
            self::FuseOfASet => 'The others have had the same current, and are weaker than they look.',
        };
    }
}
