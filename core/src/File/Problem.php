<?php

declare(strict_types=1);

namespace Levin\Core\File;

/** One thing wrong in a circuit file, and what to do about it. */
final readonly class Problem
{
    public function __construct(public ?int $line, public string $where, public string $what, public string $remedy)
    {
    }

    #[\Override]
    public function __toString(): string
    {
        return ($this->line === null ? '' : "line $this->line: ").($this->where === '' ? '' : "$this->where: ")."$this->what $this->remedy";
    }
}
