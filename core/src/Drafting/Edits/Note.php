<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Edits;

use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;

/** What a technician should know of it that the rest does not say. */
final readonly class Note extends Edit
{
    public function __construct(private string $note)
    {
    }

    #[\Override]
    public function on(Draft $draft): Draft
    {
        return $draft->saying('notes', $this->note);
    }

    #[\Override]
    public function words(): string
    {
        return "Note: $this->note";
    }

    #[\Override]
    public static function usage(): string
    {
        return 'note "WORDS"';
    }

    #[\Override]
    public static function said(array $words): self
    {
        self::need($words, 1);

        return new self(trim($words[0]));
    }
}
