<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Edits;

use Levin\Core\Drafting\CannotEdit;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;
use Levin\Core\Drafting\Fresh;
use Levin\Core\Drafting\Series;

/** A part in series in a wire: the wire goes to it, and another one of its colour goes on. */
final readonly class Insert extends Edit
{
    /** @var list<string> the terminal that the wire goes to, and the one it goes on from */
    private array $terminals;

    public function __construct(
        private string $wire,
        private string $id,
        private string $kind,
        private string $label = '',
        string ...$terminals,
    ) {
        $this->terminals = array_values($terminals);
    }

    #[\Override]
    public function on(Draft $draft): Draft
    {
        $wire = $draft->wireId($this->wire);
        $beside = Draft::partOf($draft->wire($wire)['from']);
        $draft = Fresh::part($draft, $this->id, $this->kind, $this->label, $beside);

        return Series::in($draft, $wire, $this->id, ...Series::terminals($this->kind, $this->terminals));
    }

    #[\Override]
    public function words(): string
    {
        return ($this->label === '' ? $this->kind : $this->label)." $this->id in series in $this->wire";
    }

    #[\Override]
    public static function usage(): string
    {
        return 'insert WIRE PART KIND ["LABEL" [TERMINAL TERMINAL]]';
    }

    #[\Override]
    public static function said(array $words): self
    {
        self::need($words, 3, 6);

        return count($words) === 5 ? throw CannotEdit::words(self::usage()) : new self(...$words);
    }
}
