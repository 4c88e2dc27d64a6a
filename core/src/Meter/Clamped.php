<?php

declare(strict_types=1);

namespace Levin\Core\Meter;

/** A conductor in the jaw of a clamp, in the direction the file writes it or against it. Written `WIRE`, or `~WIRE` against. */
final readonly class Clamped
{
    public function __construct(public string $wire, public bool $against = false)
    {
    }

    public static function parse(string $text): self
    {
        $against = str_starts_with($text, '~');

        return new self($against ? substr($text, 1) : $text, $against);
    }

    #[\Override]
    public function __toString(): string
    {
        return ($this->against ? '~' : '').$this->wire;
    }
}
