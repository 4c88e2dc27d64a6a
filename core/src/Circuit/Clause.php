<?php

declare(strict_types=1);

namespace Levin\Core\Circuit;

/**
 * One thing that is so or is not: `call_cool`, `not call_cool`, `COMP runs`, `not IND runs`, `head_pressure > 2800`.
 */
final readonly class Clause
{
    /**
     * @param  string  $subject  a part's id, a condition's or a quantity's name
     * @param  string  $seen  what the part must be seen doing; empty for others
     * @param  float|null  $level  what the quantity is compared with
     */
    private function __construct(
        public string $subject,
        public bool $negated,
        public string $seen,
        public ?float $level,
        public bool $above,
    ) {
    }

    /** @throws BadClause */
    public static function parse(string $text): self
    {
        $rest = trim($text);
        $negated = str_starts_with($rest, 'not ');
        $rest = $negated ? trim(substr($rest, 4)) : $rest;
        if (preg_match('/^([A-Z][A-Z0-9_]*) ([a-z][a-z0-9 -]*)$/', $rest, $m) === 1) {
            return new self($m[1], $negated, $m[2], null, false);
        }
        if (preg_match('/^([a-z][a-z0-9_]*) *([<>]) *(-?\d+(?:\.\d+)?)$/', $rest, $m) === 1) {
            return new self($m[1], $negated, '', (float) $m[3], $m[2] === '>');
        }
        if (preg_match('/^[a-z][a-z0-9_]*$/', $rest) === 1) {
            return new self($rest, $negated, '', null, false);
        }
        throw BadClause::of($text);
    }

    public function isOfPart(): bool
    {
        return $this->seen !== '';
    }

    /** @param  callable(string): string  $observed  what is seen of a part now */
    public function holds(Conditions $conditions, callable $observed): bool
    {
        $is = match (true) {
            $this->seen !== '' => $observed($this->subject) === $this->seen,
            $this->level !== null => $this->above
                ? $conditions->number($this->subject) > $this->level
                : $conditions->number($this->subject) < $this->level,
            default => $conditions->isOn($this->subject),
        };

        return $is !== $this->negated;
    }

    /**
     * Whether all of some clauses hold.
     *
     * @param  list<self>  $clauses
     * @param  callable(string): string  $observed  what is seen of a part now
     */
    public static function allHold(array $clauses, Conditions $conditions, callable $observed): bool
    {
        foreach ($clauses as $clause) {
            if (! $clause->holds($conditions, $observed)) {
                return false;
            }
        }

        return true;
    }
}
