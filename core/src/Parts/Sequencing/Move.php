<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Sequencing;

/** A way out of a step: where to, when, after how long, and what it does to a count. */
final readonly class Move
{
    /**
     * @param  list<Guard>  $when  all must hold
     * @param  float  $after  seconds that all this must hold
     * @param  string  $add  a count that goes up by one
     * @param  string  $clear  a count that goes back to nothing
     */
    public function __construct(public string $to, public array $when, public float $after, public string $add, public string $clear)
    {
    }

    /** @param  array<mixed>  $data valid against the schema */
    public static function fromArray(array $data): self
    {
        $text = static fn (string $key): string => is_string($data[$key] ?? null) ? $data[$key] : '';
        $after = $data['after'] ?? 0;

        $when = array_map(Guard::parse(...), array_values(array_filter((array) ($data['when'] ?? []), is_string(...))));

        return new self($text('to'), $when, is_numeric($after) ? (float) $after : 0.0, $text('add'), $text('clear'));
    }

    /**
     * @param  array<string, bool>  $sensed  by input
     * @param  array<string, int>  $counts
     */
    public function isOpen(array $sensed, array $counts): bool
    {
        foreach ($this->when as $guard) {
            if (! $guard->holds($sensed, $counts)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  array<string, int>  $counts
     * @return array<string, int>
     */
    public function counted(array $counts): array
    {
        if ($this->add !== '') {
            $counts[$this->add] = ($counts[$this->add] ?? 0) + 1;
        }
        unset($counts[$this->clear]);

        return $counts;
    }
}
