<?php

declare(strict_types=1);

namespace Levin\Core;

/** Classes that are there because their file is: adding a file adds the class. */
final class Subclasses
{
    /**
     * @template T of object
     *
     * @param  string  $files  below this folder, as glob takes them
     * @param  class-string<T>  $of
     * @return list<class-string<T>> that can be made
     */
    public static function in(string $files, string $of): array
    {
        $classes = [];
        foreach (glob(__DIR__.'/'.$files) ?: [] as $file) {
            $class = __NAMESPACE__.'\\'.strtr(substr($file, strlen(__DIR__) + 1, -strlen('.php')), '/', '\\');
            if (is_subclass_of($class, $of) && ! (new \ReflectionClass($class))->isAbstract()) {
                $classes[] = $class;
            }
        }

        return $classes;
    }
}
