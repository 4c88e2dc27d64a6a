<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

use Levin\Core\Circuit\Part;
use Levin\Core\Subclasses;

/**
 * Every kind there is: each concrete Kind in a family folder here. Adding a file there adds the kind.
 */
final class Catalogue
{
    /** @var array<string, class-string<Kind>>|null */
    private static ?array $classes = null;

    /** @return array<string, class-string<Kind>> class by kind name, sorted by name */
    public static function classes(): array
    {
        if (self::$classes !== null) {
            return self::$classes;
        }
        $classes = [];
        foreach (Subclasses::in('Parts/*/*.php', Kind::class) as $class) {
            $classes[$class::definition()->kind] = $class;
        }
        ksort($classes);

        return self::$classes = $classes;
    }

    public static function definition(string $kind): ?Definition
    {
        return isset(self::classes()[$kind]) ? self::classes()[$kind]::definition() : null;
    }

    public static function component(Part $part): Kind
    {
        $class = self::classes()[$part->kind] ?? throw new \LogicException("The reader let the unknown kind $part->kind through.");

        return new $class($part);
    }
}
