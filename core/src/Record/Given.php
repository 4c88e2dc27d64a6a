<?php

declare(strict_types=1);

namespace Levin\Core\Record;

/** The data of an event as it was sent. */
final readonly class Given
{
    /** Characters of a reason. */
    public const REASON = 500;

    /** Entries of one check. */
    private const NAMED = 40;

    /** @param  array<string, mixed>  $data */
    public function __construct(private array $data)
    {
    }

    public function text(string $key): string
    {
        $value = $this->data[$key] ?? '';

        return is_string($value) ? trim($value) : '';
    }

    /** @return list<string> */
    public function texts(string $key): array
    {
        $value = $this->data[$key] ?? [];

        return array_values(array_filter(is_array($value) ? $value : [], is_string(...)));
    }

    /**
     * @return array<string, string> by name, those that are filled
     *
     * @throws Refusal
     */
    public function named(string $key): array
    {
        $named = [];
        foreach ((array) ($this->data[$key] ?? []) as $name => $text) {
            $named += is_string($text) && trim($text) !== '' ? [(string) $name => trim($text)] : [];
        }

        return count($named) <= self::NAMED ? $named : throw Refusal::tooMany($key, self::NAMED);
    }

    public function number(string $key): ?float
    {
        $value = $this->data[$key] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : null;
    }

    /**
     * @param  non-empty-list<string>  $choices
     *
     * @throws Refusal
     */
    public function oneOf(string $key, array $choices): string
    {
        return in_array($this->text($key), $choices, true) ? $this->text($key) : throw Refusal::notOneOf($key, $choices);
    }

    /** @throws Refusal */
    public function flag(string $key): bool
    {
        return is_bool($this->data[$key] ?? null) ? $this->data[$key] : throw Refusal::notAFlag($key);
    }

    public function isTrue(string $key): bool
    {
        return ($this->data[$key] ?? false) === true;
    }

    /** @throws Refusal */
    public function moment(): WhenSeen
    {
        return WhenSeen::of($this->data['moment'] ?? null);
    }

    /**
     * @param  string  $otherwise  what is said when there is nothing
     *
     * @throws Refusal
     */
    public function filled(string $key, int $most, string $otherwise): string
    {
        return $this->text($key) !== '' ? $this->short($key, $most) : throw Refusal::empty($key, $otherwise);
    }

    /** @throws Refusal */
    public function short(string $key, int $most): string
    {
        return mb_strlen($this->text($key)) <= $most ? $this->text($key) : throw Refusal::tooLong($key, $most);
    }
}
