<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Sequencing;

/** What a move waits for: an input sensed, an input not sensed (`not NAME`), or a count that has come so far (`COUNT >= N`). */
final readonly class Guard
{
    /** @param  int|null  $atLeast  of a count; null for an input */
    private function __construct(public string $text, public string $name, private bool $negated, public ?int $atLeast)
    {
    }

    public static function parse(string $text): self
    {
        if (preg_match('/^(\w+) >= (\d+)$/', $text, $m) === 1) {
            return new self($text, $m[1], false, (int) $m[2]);
        }
        $negated = str_starts_with($text, 'not ');

        return new self($text, $negated ? substr($text, 4) : $text, $negated, null);
    }

    /**
     * @param  array<string, bool>  $sensed  by input
     * @param  array<string, int>  $counts
     */
    public function holds(array $sensed, array $counts): bool
    {
        return $this->atLeast !== null ? ($counts[$this->name] ?? 0) >= $this->atLeast : $sensed[$this->name] !== $this->negated;
    }
}
