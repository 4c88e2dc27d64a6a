<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Sequencing;

/** A way out of a step: where to, when, after how long, and what it does to a count. */
final readonly class Move
{
    /**
     * @param  list<string>  $when  inputs that must be sensed, `not NAME` for those that must not, `COUNT >= N` for counts
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

        return new self($text('to'), array_values(array_filter((array) ($data['when'] ?? []), is_string(...))), is_numeric($after) ? (float) $after : 0.0, $text('add'), $text('clear'));
    }

    /**
     * @param  array<string, bool>  $sensed  by input
     * @param  array<string, int>  $counts
     */
    public function isOpen(array $sensed, array $counts): bool
    {
        foreach ($this->when as $clause) {
            if (preg_match('/^(\w+) >= (\d+)$/', $clause, $m) === 1) {
                if (($counts[$m[1]] ?? 0) < (int) $m[2]) {
                    return false;
                }
            } elseif (str_starts_with($clause, 'not ') ? $sensed[substr($clause, 4)] : ! $sensed[$clause]) {
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
