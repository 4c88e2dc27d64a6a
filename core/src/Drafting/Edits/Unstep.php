<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Edits;

use Levin\Core\Drafting\Board;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;

/** A step of a board less. */
final readonly class Unstep extends Edit
{
    public function __construct(private string $board, private string $step)
    {
    }

    #[\Override]
    public function on(Draft $draft): Draft
    {
        return Board::of($draft, $this->board)->without('steps', $this->step);
    }

    #[\Override]
    public function words(): string
    {
        return "$this->board has no step $this->step";
    }

    #[\Override]
    public static function usage(): string
    {
        return 'unstep BOARD STEP';
    }

    #[\Override]
    public static function said(array $words): self
    {
        self::need($words, 2);

        return new self(...$words);
    }
}
