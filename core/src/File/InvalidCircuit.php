<?php

declare(strict_types=1);

namespace Levin\Core\File;

/**
 * A circuit file cannot be used as it stands. Carries every problem found, not only the first.
 */
final class InvalidCircuit extends FileException
{
    /** More than these are not said one by one. */
    private const SAID = 50;

    /** @param  non-empty-list<Problem>  $problems */
    public function __construct(public readonly string $source, public readonly array $problems)
    {
        $lines = array_map(static fn (Problem $p): string => "$source: $p", array_slice($problems, 0, self::SAID));
        if (count($problems) > self::SAID) {
            $lines[] = sprintf('%s: and %d more.', $source, count($problems) - self::SAID);
        }
        parent::__construct(implode("\n", $lines));
    }
}
