<?php

declare(strict_types=1);

namespace Levin\Core\File;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\UnknownName;

/** Collects what is wrong with a file, so that all of it can be said at once. */
final class Problems
{
    /** @var list<Problem> */
    private array $all = [];

    public function __construct(private readonly LineIndex $lines)
    {
    }

    /** @param  list<string|int>  $path  of keys to the place in the file */
    public function at(array $path, string $where, string $what, string $remedy): void
    {
        $this->add($this->lines->of($path), $where, $what, $remedy);
    }

    public function add(?int $line, string $where, string $what, string $remedy): void
    {
        $this->all[] = new Problem($line, $where, $what, $remedy);
    }

    /** @param  list<string|int>  $path  of keys */
    public function line(array $path): ?int
    {
        return $this->lines->of($path);
    }

    public function count(): int
    {
        return count($this->all);
    }

    /**
     * A remedy for a name that is not known: the one that was meant, or what there is.
     *
     * @param  list<string>  $known
     */
    public static function didYouMean(string $name, array $known, string $otherwise): string
    {
        $near = UnknownName::nearest($name, $known);

        return $near === null ? $otherwise : "Did you mean $near?";
    }

    /**
     * @param  string  $file  its name
     * @param  Circuit|null  $sketch  what can be drawn of it all the same
     *
     * @throws InvalidCircuit when there are any
     */
    public function raise(string $file, ?Circuit $sketch = null): void
    {
        if ($this->all !== []) {
            throw new InvalidCircuit($file, $this->all, $sketch);
        }
    }
}
