<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Edits;

use Levin\Core\Drafting\CannotEdit;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;

/** A part by the letters that the unit's label has for it, wherever it is named. */
final readonly class Rename extends Edit
{
    public function __construct(private string $part, private string $name)
    {
    }

    #[\Override]
    public function on(Draft $draft): Draft
    {
        $own = $draft->part($this->part);
        if (isset($draft->parts()[$this->name])) {
            throw CannotEdit::taken($this->name);
        }
        // as if it were one more, for what is asked of its name
        $draft->withPart($this->name, $own);

        return $draft->calling($this->part, $this->name);
    }

    #[\Override]
    public function words(): string
    {
        return "$this->part is called $this->name";
    }

    #[\Override]
    public static function usage(): string
    {
        return 'rename PART NAME';
    }

    #[\Override]
    public static function said(array $words): self
    {
        self::need($words, 2);

        return new self($words[0], $words[1]);
    }
}
