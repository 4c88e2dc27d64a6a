<?php

declare(strict_types=1);

namespace Levin\Core\Console;

/** A figure of the core, what it is and where it comes from, as its constant says. */
final readonly class Sourced
{
    /** What a constant's comment says of where its figure comes from. */
    private const SOURCE = '/from memory|no published source|\[practice\]|\[physics\]|textbook|NEMA|NEC |IEEE|IEC|ASHRAE|AMCA|NFPA|NIST/';

    /** Of more than this many only the first are shown. */
    private const SHOWN = 6;

    /**
     * @param  string  $where  folder and class
     * @param  string  $name  of the constant
     * @param  non-empty-list<float>  $values
     * @param  string  $says  what it is, and its source
     */
    private function __construct(public string $where, public string $name, public array $values, public string $says)
    {
    }

    /** @return list<self> every one under the core, by class */
    public static function all(): array
    {
        $root = dirname(__DIR__);
        $found = [];
        /** @var \SplFileInfo $file */
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
            $class = 'Levin\\Core\\'.strtr(substr($file->getPathname(), strlen($root) + 1, -4), '/', '\\');
            if ($file->getExtension() === 'php' && (class_exists($class) || enum_exists($class))) {
                array_push($found, ...self::of(new \ReflectionClass($class)));
            }
        }
        usort($found, static fn (self $a, self $b): int => [$a->where, $a->name] <=> [$b->where, $b->name]);

        return $found;
    }

    /** The figures in a row, the first of many. */
    public function shown(): string
    {
        $first = array_map(static fn (float $value): string => sprintf('%.6g', $value), array_slice($this->values, 0, self::SHOWN));

        return implode(', ', $first).(count($this->values) > self::SHOWN ? sprintf(' … (%d)', count($this->values)) : '');
    }

    /**
     * @param  \ReflectionClass<object>  $class
     * @return list<self>
     */
    private static function of(\ReflectionClass $class): array
    {
        $found = [];
        foreach ($class->getReflectionConstants() as $constant) {
            $says = self::words((string) $constant->getDocComment());
            $values = $constant->getDeclaringClass()->name === $class->name ? self::numbers($constant->getValue()) : [];
            if ($values !== [] && preg_match(self::SOURCE, $says) === 1) {
                $where = substr($class->name, strlen('Levin\\Core\\'));
                $found[] = new self($where, $constant->name, $values, $says);
            }
        }

        return $found;
    }

    private static function words(string $comment): string
    {
        return trim((string) preg_replace('#\s+#', ' ', (string) preg_replace('#^\s*/?\*+/?|\*/$#m', '', $comment)));
    }

    /** @return list<float> */
    private static function numbers(mixed $value): array
    {
        return match (true) {
            is_int($value), is_float($value) => [(float) $value],
            is_array($value) => array_merge(...array_map(self::numbers(...), array_values($value))),
            default => [],
        };
    }
}
