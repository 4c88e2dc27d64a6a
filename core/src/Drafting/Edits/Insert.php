<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Edits;

use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;
use Levin\Core\Drafting\NewPart;
use Levin\Core\Drafting\Series;

/** A part in series in a wire: the wire goes to it, and another one of its colour goes on. */
final readonly class Insert extends Edit
{
    public function __construct(private string $wire, private NewPart $part)
    {
    }

    #[\Override]
    public function on(Draft $draft): Draft
    {
        $wire = $draft->wireId($this->wire);
        [$draft, $in, $out] = $this->part->in($draft, Draft::partOf($draft->wire($wire)['from']));

        return Series::in($draft, $wire, $in, $out);
    }

    #[\Override]
    public function words(): string
    {
        return $this->part->words()." in series in $this->wire";
    }

    #[\Override]
    public static function usage(): string
    {
        return 'insert WIRE '.NewPart::USAGE;
    }

    #[\Override]
    public static function said(array $words): self
    {
        self::need($words, 3, 6);

        return new self($words[0], NewPart::said(array_slice($words, 1), self::usage()));
    }
}
