<?php

declare(strict_types=1);

namespace Levin\Core\Tests\Support;

/** Who names whom: every class of some source folders with the classes of them that it uses. */
final class Imports
{
    /** @param  array<string, list<string>>  $of  used classes by class, full names */
    private function __construct(public readonly array $of)
    {
    }

    /** @param  array<string, string>  $roots  folder by namespace prefix, such as `Levin\Core` */
    public static function under(array $roots): self
    {
        $texts = [];
        foreach ($roots as $prefix => $root) {
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
                if ($file instanceof \SplFileInfo && $file->getExtension() === 'php') {
                    $path = substr($file->getPathname(), strlen($root) + 1, -4);
                    $texts[$prefix.'\\'.str_replace('/', '\\', $path)] = (string) file_get_contents($file->getPathname());
                }
            }
        }
        ksort($texts);
        $of = [];
        foreach ($texts as $class => $text) {
            $of[$class] = array_values(array_unique(array_filter(
                self::named($text, substr($class, 0, (int) strrpos($class, '\\'))),
                static fn (string $used): bool => $used !== $class && isset($texts[$used]),
            )));
        }

        return new self($of);
    }

    /** @return list<string> every name in a file's code that could be a class, in full */
    private static function named(string $text, string $namespace): array
    {
        $names = [];
        $before = null;
        foreach (\PhpToken::tokenize($text) as $token) {
            if ($token->is([T_NAME_QUALIFIED, T_NAME_FULLY_QUALIFIED])) {
                $names[] = ltrim($token->text, '\\');
            } elseif ($token->is(T_STRING) && ! in_array($before, ['->', '?->', '::', 'function', 'const'], true)) {
                $names[] = $namespace.'\\'.$token->text;
            }
            if (! $token->isIgnorable()) {
                $before = $token->text;
            }
        }

        return $names;
    }

    /**
     * The same between folders.
     *
     * @param  callable(string): string  $folderOf  by class
     * @return array<string, array<string, string>> an example of the import, by folder and folder
     */
    public function between(callable $folderOf): array
    {
        $found = [];
        foreach ($this->of as $class => $used) {
            $found[$folderOf($class)] ??= [];
            foreach ($used as $other) {
                if ($folderOf($class) !== $folderOf($other)) {
                    $found[$folderOf($class)][$folderOf($other)] ??= "$class names $other";
                }
            }
        }

        return $found;
    }

    /**
     * Those that import each other in a circle.
     *
     * @param  array<string, list<string>>  $imports
     * @return list<string>
     */
    public static function inCircles(array $imports): array
    {
        // take away whatever imports nothing that is left, and whatever nothing left imports, until only circles remain
        do {
            $before = count($imports);
            $imported = array_flip(array_merge(...array_values($imports)));
            $imports = array_intersect_key($imports, $imported);
            $imports = array_map(
                static fn (array $used): array => array_values(array_filter($used, static fn (string $u): bool => isset($imports[$u]))),
                $imports,
            );
            $imports = array_filter($imports);
        } while (count($imports) < $before);

        return array_keys($imports);
    }
}
