<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Bench;

/** Where careful people differ, and a shop has its own way. */
enum Habit: string
{
    case WeakCapacitor = 'weak capacitor';
    case FuseOfASet = 'one fuse of a set blown';
    case Guarantee = 'how long the shop stands by its work';

    public const WITHIN_6 = '±6 %';

    public const WITHIN_5 = '±5 %';

    public const WITHIN_10 = '±10 %';

    public const TEN_OFF = 'shop: −10 %';

    public const WHOLE_SET = 'replace all of the set';

    public const ONE_OF_THEM = 'replace the one that blew';

    public const DAYS_90 = '90 days';

    public const DAYS_30 = '30 days';

    public const YEAR = 'a year';

    public const NOT_AT_ALL = 'not at all';

    /** @return non-empty-list<string> what one can do, the usual first */
    public function choices(): array
    {
        return match ($this) {
            self::WeakCapacitor => [self::WITHIN_6, self::WITHIN_5, self::WITHIN_10, self::TEN_OFF],
            self::FuseOfASet => [self::WHOLE_SET, self::ONE_OF_THEM],
            self::Guarantee => [self::DAYS_90, self::DAYS_30, self::YEAR, self::NOT_AT_ALL],
        };
    }

    /** Why the usual is the usual, in a sentence. */
    public function why(): string
    {
        return match ($this) {
            self::WeakCapacitor => 'Its mark is what the motor was built for; ±6 % is usual in North America.',
            self::FuseOfASet => 'The others have had the same current, and are weaker than they look.',
            self::Guarantee => 'A season shows what was done badly; local law may ask for more.',
        };
    }

    /** Where it acts, in a sentence. */
    public function acts(): string
    {
        return match ($this) {
            self::WeakCapacitor => 'Where a capacitor is judged, on the bench and in a call.',
            self::FuseOfASet => 'In what the check of three fuses says to do.',
            self::Guarantee => 'At Arrive, beside the earlier visits to the unit.',
        };
    }
}
