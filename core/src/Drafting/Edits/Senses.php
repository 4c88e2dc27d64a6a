<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Edits;

use Levin\Core\Drafting\Board;
use Levin\Core\Drafting\CannotEdit;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;

/** What a board senses between two of its terminals: volts, from so many on. */
final readonly class Senses extends Edit
{
    public function __construct(
        private string $board,
        private string $input,
        private string $from,
        private string $to,
        private float $volts,
    ) {
    }

    #[\Override]
    public function on(Draft $draft): Draft
    {
        $board = Board::of($draft, $this->board);
        $was = $board->all('inputs')[$this->input] ?? [];

        return $board->with('inputs', $this->input, [...$was, 'from' => $this->from, 'to' => $this->to, 'above' => $this->volts]);
    }

    #[\Override]
    public function words(): string
    {
        return "$this->board senses $this->input from $this->from to $this->to, above $this->volts V";
    }

    #[\Override]
    public static function usage(): string
    {
        return 'senses BOARD INPUT TERMINAL TERMINAL VOLTS';
    }

    #[\Override]
    public static function said(array $words): self
    {
        self::need($words, 5);

        return is_numeric($words[4])
            ? new self($words[0], $words[1], $words[2], $words[3], (float) $words[4])
            : throw CannotEdit::words(self::usage());
    }
}
