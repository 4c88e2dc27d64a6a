<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Edits;

use Levin\Core\Drafting\Board;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;
use Levin\Core\Drafting\StepWords;

/** What a board does at one point of its program, in words, line by line. */
final readonly class Step extends Edit
{
    public function __construct(private string $board, private string $step, private string $lines)
    {
    }

    #[\Override]
    public function on(Draft $draft): Draft
    {
        $lines = preg_split('/[;\n]/', $this->lines) ?: [];

        return Board::of($draft, $this->board)->with('steps', $this->step, StepWords::read($lines));
    }

    #[\Override]
    public function words(): string
    {
        return "$this->board, $this->step: $this->lines";
    }

    #[\Override]
    public static function usage(): string
    {
        return 'step BOARD STEP "lamp WORDS; on OUTPUT; to STEP if INPUT for SECONDS s"';
    }

    #[\Override]
    public static function said(array $words): self
    {
        self::need($words, 3);

        return new self(...$words);
    }
}
