<?php

declare(strict_types=1);

namespace Levin\Core\File;

use Levin\Core\Circuit\Circuit;

/**
 * A circuit file cannot be used as it stands. Carries every problem found, not only the first.
 */
final class InvalidCircuit extends FileException
{
    /** More than these are not said one by one. */
    private const SAID = 50;

    /**
     * @param  non-empty-list<Problem>  $problems
     * @param  Circuit|null  $sketch  what can be drawn of it all the same, if anything: no meter may be held to it
     */
    public function __construct(
        public readonly string $source,
        public readonly array $problems,
        public readonly ?Circuit $sketch = null,
    ) {
        $lines = array_map(static fn (Problem $p): string => "$source: $p", array_slice($problems, 0, self::SAID));
        if (count($problems) > self::SAID) {
            $lines[] = sprintf('%s: and %d more.', $source, count($problems) - self::SAID);
        }
        parent::__construct(implode("\n", $lines));
    }
}
