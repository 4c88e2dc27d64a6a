<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Edits;

use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;

/** A wire is taken out; the points that it joined stay. */
final readonly class Cut extends Edit
{
    public function __construct(private string $wire)
    {
    }

    #[\Override]
    public function on(Draft $draft): Draft
    {
        return $draft->withoutWire($draft->wireId($this->wire));
    }

    #[\Override]
    public function words(): string
    {
        return "$this->wire taken out";
    }

    #[\Override]
    public static function usage(): string
    {
        return 'cut WIRE';
    }

    #[\Override]
    public static function said(array $words): self
    {
        self::need($words, 1);

        return new self($words[0]);
    }
}
