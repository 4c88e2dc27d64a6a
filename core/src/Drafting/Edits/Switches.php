<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Edits;

use Levin\Core\Drafting\Board;
use Levin\Core\Drafting\CannotEdit;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;

/** A contact of a board between two of its terminals, open at rest or closed. */
final readonly class Switches extends Edit
{
    public function __construct(
        private string $board,
        private string $output,
        private string $from,
        private string $to,
        private bool $closed,
    ) {
    }

    #[\Override]
    public function on(Draft $draft): Draft
    {
        $rest = $this->closed ? ['normally' => 'closed'] : [];

        return Board::of($draft, $this->board)->with('outputs', $this->output, ['from' => $this->from, 'to' => $this->to, ...$rest]);
    }

    #[\Override]
    public function words(): string
    {
        return "$this->board switches $this->output from $this->from to $this->to";
    }

    #[\Override]
    public static function usage(): string
    {
        return 'switches BOARD OUTPUT TERMINAL TERMINAL [closed]';
    }

    #[\Override]
    public static function said(array $words): self
    {
        self::need($words, 4, 5);
        if (($words[4] ?? 'closed') !== 'closed') {
            throw CannotEdit::words(self::usage());
        }

        return new self($words[0], $words[1], $words[2], $words[3], isset($words[4]));
    }
}
