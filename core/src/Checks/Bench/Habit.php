<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Bench;

/** Where careful people differ, and a shop has its own way. */
enum Habit: string
{
    case WeakCapacitor = 'weak capacitor';
    case FuseOfASet = 'one fuse of a set blown';

    /** @return non-empty-list<string> what one can do, the usual first */
    public function choices(): array
    {
        return match ($this) {
            self::WeakCapacitor => ['±6 %', '±5 %', '±10 %', 'shop: −10 %'],
            self::FuseOfASet => ['replace all of the set', 'replace the one that blew'],
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
