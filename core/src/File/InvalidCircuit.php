<?php

declare(strict_types=1);

namespace Levin\Core\File;

/**
 * A circuit file cannot be used as it stands. Carries every problem found, not only the first.
 */
final class InvalidCircuit extends FileException
{
    /** @param  non-empty-list<Problem>  $problems */
    public function __construct(public readonly string $source, public readonly array $problems)
    {
        parent::__construct(implode("\n", array_map(static fn (Problem $p): string => "$source: $p", $problems)));
    }
}
