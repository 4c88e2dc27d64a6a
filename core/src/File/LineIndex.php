<?php

declare(strict_types=1);

namespace Levin\Core\File;

/**
 * Finds the line on which a key of a block-style YAML text stands, so that an error can name it.
 */
final class LineIndex
{
    /** @var array<string, int> line by slash-joined path of keys */
    private array $lines = [];

    public function __construct(string $yaml)
    {
        $path = [];
        foreach (explode("\n", $yaml) as $n => $text) {
            if (preg_match('/^( *)([\'"]?)([A-Za-z0-9_-]+)\2:(\s|$)(.*)/', $text, $m) !== 1) {
                continue;
            }
            $depth = strlen($m[1]);
            $path = array_filter($path, static fn (int $d): bool => $d < $depth, ARRAY_FILTER_USE_KEY);
            $path[$depth] = $m[3];
            ksort($path);
            $this->lines[implode('/', $path)] ??= $n + 1;
        }
    }

    /** @param  list<string|int>  $path the line of the deepest key on the path that is known */
    public function of(array $path): ?int
    {
        for ($i = count($path); $i > 0; $i--) {
            $line = $this->lines[implode('/', array_slice($path, 0, $i))] ?? null;
            if ($line !== null) {
                return $line;
            }
        }

        return null;
    }
}
