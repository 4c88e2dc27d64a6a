<?php

declare(strict_types=1);

namespace Levin\Core\Checks\Bench;

use Levin\Core\Subclasses;

/** Every check of the bench: each concrete PartCheck in a family folder of Checks. Adding a file there adds the check. */
final class PartChecks
{
    /** @var array<string, PartCheck>|null */
    private static ?array $all = null;

    /** @return array<string, PartCheck> by name, sorted */
    public static function all(): array
    {
        if (self::$all !== null) {
            return self::$all;
        }
        $all = [];
        foreach (Subclasses::in('Checks/*/*.php', PartCheck::class) as $class) {
            $check = new $class;
            $all[$check->about()->name] = $check;
        }
        ksort($all);

        return self::$all = $all;
    }

    /** @throws BadGiven */
    public static function named(string $name): PartCheck
    {
        return self::all()[$name] ?? throw BadGiven::noCheck($name, array_keys(self::all()));
    }
}
