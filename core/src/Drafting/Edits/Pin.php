<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Edits;

use Levin\Core\Drafting\CannotEdit;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;
use Levin\Core\Drafting\Terminals;

/** One more terminal of a part whose terminals its unit decides: a board, a plug, a terminal block. */
final readonly class Pin extends Edit
{
    public function __construct(private string $part, private string $terminal)
    {
    }

    #[\Override]
    public function on(Draft $draft): Draft
    {
        $own = $draft->part($this->part);
        $terminals = Terminals::of($draft, $this->part);
        if (in_array($this->terminal, $terminals, true)) {
            throw CannotEdit::taken("$this->part.$this->terminal");
        }

        return $draft->withPart($this->part, [...$own, 'terminals' => [...$terminals, Terminals::named($this->terminal)]]);
    }

    #[\Override]
    public function words(): string
    {
        return "$this->part has a terminal $this->terminal";
    }

    #[\Override]
    public static function usage(): string
    {
        return 'pin PART TERMINAL';
    }

    #[\Override]
    public static function said(array $words): self
    {
        self::need($words, 2);

        return new self($words[0], $words[1]);
    }
}
