<?php

declare(strict_types=1);

namespace Levin\Core\Record\Judging;

/** Every rule by which readings of a call are judged: each BenchRule in this folder. */
final class BenchRules
{
    /** @var list<BenchRule>|null */
    private static ?array $all = null;

    /** @return list<BenchRule> */
    public static function all(): array
    {
        if (self::$all !== null) {
            return self::$all;
        }
        $all = [];
        foreach (glob(__DIR__.'/*.php') ?: [] as $file) {
            $class = __NAMESPACE__.'\\'.basename($file, '.php');
            if (is_subclass_of($class, BenchRule::class)) {
                $all[] = new $class;
            }
        }

        return self::$all = $all;
    }
}
