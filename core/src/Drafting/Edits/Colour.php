<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Edits;

use Levin\Core\Drafting\CannotEdit;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;

/** The colour of a wire. */
final readonly class Colour extends Edit
{
    public function __construct(private string $wire, private string $colour)
    {
    }

    #[\Override]
    public function on(Draft $draft): Draft
    {
        $wire = $draft->wireId($this->wire);

        return $draft->withWire($wire, [...$draft->wire($wire), 'colour' => $this->colour]);
    }

    #[\Override]
    public function words(): string
    {
        return "$this->wire is $this->colour";
    }

    #[\Override]
    public static function usage(): string
    {
        return 'colour WIRE COLOUR';
    }

    #[\Override]
    public static function said(array $words): self
    {
        self::need($words, 2);

        return $words[1] === '' ? throw CannotEdit::words(self::usage()) : new self($words[0], $words[1]);
    }
}
