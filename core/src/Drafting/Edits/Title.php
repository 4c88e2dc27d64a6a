<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Edits;

use Levin\Core\Drafting\CannotEdit;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;

/** What the circuit is called. */
final readonly class Title extends Edit
{
    public function __construct(private string $title)
    {
    }

    #[\Override]
    public function on(Draft $draft): Draft
    {
        return $draft->saying('title', $this->title);
    }

    #[\Override]
    public function words(): string
    {
        return "It is called $this->title";
    }

    #[\Override]
    public static function usage(): string
    {
        return 'title "WORDS"';
    }

    #[\Override]
    public static function said(array $words): self
    {
        self::need($words, 1);

        return trim($words[0]) === '' ? throw CannotEdit::words(self::usage()) : new self(trim($words[0]));
    }
}
