<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Edits;

use Levin\Core\Drafting\CannotEdit;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;
use Levin\Core\Drafting\Series;

/** A part that lies in series in one wire goes into another one. */
final readonly class Move extends Edit
{
    public function __construct(private string $part, private string $wire)
    {
    }

    #[\Override]
    public function on(Draft $draft): Draft
    {
        $draft->part($this->part);
        $wire = $draft->wireId($this->wire);
        $own = array_values($draft->wiresOf($this->part));
        $joined = Series::out($draft, $this->part) ?? throw CannotEdit::notInSeries($this->part);
        // its own wires have become one, which may be the one that it is to go into: then it stays
        if (! isset($joined->wires()[$wire]) || isset($draft->wiresOf($this->part)[$wire])) {
            return $draft;
        }
        $at = array_map(fn (array $w): string => Draft::partOf($w['to']) === $this->part ? $w['to'] : $w['from'], $own);

        return Series::in($joined, $wire, $at[0], $at[1]);
    }

    #[\Override]
    public function words(): string
    {
        return "$this->part moved into $this->wire";
    }

    #[\Override]
    public static function usage(): string
    {
        return 'move PART WIRE';
    }

    #[\Override]
    public static function said(array $words): self
    {
        self::need($words, 2);

        return new self($words[0], $words[1]);
    }
}
