<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Edits;

use Levin\Core\Drafting\CannotEdit;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;

/** How long a wire is, metres. */
final readonly class Length extends Edit
{
    public function __construct(private string $wire, private float $metres)
    {
    }

    #[\Override]
    public function on(Draft $draft): Draft
    {
        $wire = $draft->wireId($this->wire);

        return $draft->withWire($wire, [...$draft->wire($wire), 'length' => $this->metres]);
    }

    #[\Override]
    public function words(): string
    {
        return "$this->wire is $this->metres m long";
    }

    #[\Override]
    public static function usage(): string
    {
        return 'length WIRE METRES';
    }

    #[\Override]
    public static function said(array $words): self
    {
        self::need($words, 2);

        return is_numeric($words[1]) && $words[1] > 0 ? new self($words[0], (float) $words[1]) : throw CannotEdit::words(self::usage());
    }
}
