<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Sequencing;

/** A relay contact or switched output of a board, between two of its terminals. */
final readonly class Output
{
    public function __construct(public string $name, public string $from, public string $to, public bool $normallyClosed)
    {
    }

    /** @param  array<mixed>  $data valid against the schema */
    public static function fromArray(string $name, array $data): self
    {
        $text = static fn (string $key): string => is_string($data[$key] ?? null) ? $data[$key] : '';

        return new self($name, $text('from'), $text('to'), $text('normally') === 'closed');
    }
}
