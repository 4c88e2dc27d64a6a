<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

/**
 * What stands on a rung for two terminals of a part, or beside three lines for three.
 */
final readonly class Symbol
{
    /** @var list<string> two or three */
    public array $ends;

    public function __construct(
        public SymbolShape $shape,
        public string $left,
        public string $right,
        public string $caption = '',
        string ...$between,
    ) {
        $this->ends = [$left, ...array_values($between), $right];
    }

    /** The same for the same symbol of the same part, wherever it is drawn. */
    public function key(string $part): string
    {
        return "$part $this->left $this->right";
    }

    public static function onThreeLines(SymbolShape $shape, string $first, string $second, string $third, string $caption): self
    {
        return new self($shape, $first, $third, $caption, $second);
    }
}
