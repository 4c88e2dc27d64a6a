<?php

declare(strict_types=1);

namespace Levin\Core\Record\Rung;

use Levin\Core\Subclasses;

/** Everything that the contacts of a rung ask for: each Asks in this folder. */
final class EveryAsks
{
    /** @var list<Asks>|null */
    private static ?array $all = null;

    /** @return list<Asks> */
    public static function all(): array
    {
        return self::$all ??= array_map(
            static fn (string $class): Asks => new $class,
            Subclasses::in('Record/Rung/*.php', Asks::class),
        );
    }
}
