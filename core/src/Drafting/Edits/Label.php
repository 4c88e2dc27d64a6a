<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Edits;

use Levin\Core\Drafting\CannotEdit;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;

/** What a part is called in words. */
final readonly class Label extends Edit
{
    public function __construct(private string $part, private string $label)
    {
    }

    #[\Override]
    public function on(Draft $draft): Draft
    {
        $own = $draft->part($this->part);
        if (trim($this->label) === '') {
            throw CannotEdit::words(self::usage());
        }

        return $draft->withPart($this->part, [...$own, 'label' => trim($this->label)]);
    }

    #[\Override]
    public function words(): string
    {
        return "$this->part is the $this->label";
    }

    #[\Override]
    public static function usage(): string
    {
        return 'label PART "WORDS"';
    }

    #[\Override]
    public static function said(array $words): self
    {
        self::need($words, 2);

        return new self($words[0], $words[1]);
    }
}
