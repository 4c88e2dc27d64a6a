<?php

declare(strict_types=1);

namespace Levin\Core\Record\Judging;

use Levin\Core\Subclasses;

/** Every rule by which readings of a call are judged: each BenchRule in this folder. */
final class BenchRules
{
    /** @var list<BenchRule>|null */
    private static ?array $all = null;

    /** @return list<BenchRule> */
    public static function all(): array
    {
        return self::$all ??= array_map(
            static fn (string $class): BenchRule => new $class,
            Subclasses::in('Record/Judging/*.php', BenchRule::class),
        );
    }
}
