<?php

declare(strict_types=1);

namespace Levin\Core\Record;

/** One thing that happened on a call. Never changed once stored. */
final readonly class Event
{
    /**
     * @param  array<string, mixed>  $data as EventType says
     * @param  float|null  $at  when it was noted, in seconds; null when nobody knows
     */
    public function __construct(public string $id, public EventType $type, public array $data, public ?float $at = null)
    {
    }

    public function text(string $key): string
    {
        $value = $this->data[$key] ?? '';

        return is_string($value) ? $value : '';
    }

    public function isTrue(string $key): bool
    {
        return ($this->data[$key] ?? false) === true;
    }

    public function number(string $key): ?float
    {
        $value = $this->data[$key] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : null;
    }
}
