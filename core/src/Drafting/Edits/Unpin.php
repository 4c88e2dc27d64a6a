<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Edits;

use Levin\Core\Drafting\Board;
use Levin\Core\Drafting\CannotEdit;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;
use Levin\Core\Drafting\Terminals;

/** A terminal less; on a board, with what it switched there. */
final readonly class Unpin extends Edit
{
    public function __construct(private string $part, private string $terminal)
    {
    }

    #[\Override]
    public function on(Draft $draft): Draft
    {
        $own = $draft->part($this->part);
        $terminals = Terminals::of($draft, $this->part);
        $point = Terminals::among($draft, $this->part, $this->terminal);
        foreach ($draft->wiresOf($this->part) as $wire) {
            if ($wire['from'] === $point || $wire['to'] === $point) {
                throw CannotEdit::wired($point);
            }
        }
        if (count($terminals) === 1) {
            throw CannotEdit::last($this->part);
        }

        // what a board would switch on to it is gone with it
        $silent = isset($own['program']) ? Board::of($draft, $this->part)->silentOn($this->terminal) : $draft;

        return $silent->withPart($this->part, [
            ...$silent->part($this->part),
            'terminals' => array_values(array_diff($terminals, [$this->terminal])),
        ]);
    }

    #[\Override]
    public function words(): string
    {
        return "$this->part has no terminal $this->terminal";
    }

    #[\Override]
    public static function usage(): string
    {
        return 'unpin PART TERMINAL';
    }

    #[\Override]
    public static function said(array $words): self
    {
        self::need($words, 2);

        return new self($words[0], $words[1]);
    }
}
