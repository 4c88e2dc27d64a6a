<?php

declare(strict_types=1);

namespace Levin\Core\Parts;

/**
 * What stands on a rung for two terminals of a part.
 */
final readonly class Symbol
{
    public function __construct(public SymbolShape $shape, public string $left, public string $right, public string $caption = '')
    {
    }
}
