<?php

declare(strict_types=1);

namespace Levin\Core\File;

/** A map of a file as it was read: its keys, each asked for by the type that the schema has given it. */
final readonly class Node
{
    /** @param  array<mixed>  $data */
    public function __construct(public array $data)
    {
    }

    public function text(string $key, string $default = ''): string
    {
        $value = $this->data[$key] ?? $default;

        return is_string($value) ? $value : $default;
    }

    public function number(string $key): float
    {
        $value = $this->data[$key] ?? 0;

        return is_int($value) || is_float($value) ? (float) $value : 0.0;
    }

    public function flag(string $key): bool
    {
        return ($this->data[$key] ?? false) === true;
    }

    /** @return list<string> */
    public function texts(string $key): array
    {
        return array_values(array_filter((array) ($this->data[$key] ?? []), is_string(...)));
    }

    /** The map under a key; empty when there is none. */
    public function child(string $key): self
    {
        $child = $this->data[$key] ?? [];

        return new self(is_array($child) ? $child : []);
    }

    /** @return array<string, self> the maps in a map */
    public function children(string $key): array
    {
        $children = [];
        foreach ($this->child($key)->data as $name => $value) {
            $children[(string) $name] = new self(is_array($value) ? $value : []);
        }

        return $children;
    }

    /** @return list<self> the maps in a list */
    public function items(string $key): array
    {
        $items = array_values(array_filter($this->child($key)->data, is_array(...)));

        return array_map(static fn (array $item): self => new self($item), $items);
    }
}
