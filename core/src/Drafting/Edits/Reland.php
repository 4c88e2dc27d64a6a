<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Edits;

use Levin\Core\Drafting\CannotEdit;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;

/** An end of a wire on another point. */
final readonly class Reland extends Edit
{
    public function __construct(private string $wire, private string $off, private string $on)
    {
    }

    #[\Override]
    public function on(Draft $draft): Draft
    {
        $id = $draft->wireId($this->wire);
        $wire = $draft->wire($id);
        $draft->part(Draft::partOf($this->on));
        $end = array_search($this->off, ['from' => $wire['from'], 'to' => $wire['to']], true);

        return $end === false
            ? throw CannotEdit::none('end of that wire', $this->off)
            : $draft->withWire($id, [...$wire, $end => $this->on]);
    }

    #[\Override]
    public function words(): string
    {
        return "$this->wire from $this->off to $this->on";
    }

    #[\Override]
    public static function usage(): string
    {
        return 'reland WIRE POINT POINT';
    }

    #[\Override]
    public static function said(array $words): self
    {
        self::need($words, 3);

        return new self(...$words);
    }
}
