<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

use Levin\Core\Circuit\Part;

/**
 * Every kind there is: each concrete class in Parts/Kinds. Adding a file there adds the kind.
 */
final class Catalogue
{
    /** @var array<string, class-string<Component>>|null */
    private static ?array $classes = null;

    /** @return array<string, class-string<Component>> class by kind name, sorted by name */
    public static function classes(): array
    {
        if (self::$classes !== null) {
            return self::$classes;
        }
        $classes = [];
        foreach (glob(__DIR__.'/Kinds/*.php') ?: [] as $file) {
            $class = __NAMESPACE__.'\\Kinds\\'.basename($file, '.php');
            if (is_subclass_of($class, Component::class) && ! (new \ReflectionClass($class))->isAbstract()) {
                $classes[$class::definition()->kind] = $class;
            }
        }
        ksort($classes);

        return self::$classes = $classes;
    }

    public static function definition(string $kind): ?Definition
    {
        return isset(self::classes()[$kind]) ? self::classes()[$kind]::definition() : null;
    }

    public static function component(Part $part): Component
    {
        $class = self::classes()[$part->kind] ?? throw new \LogicException("The reader let the unknown kind $part->kind through.");

        return new $class($part);
    }
}
