<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Edits;

use Levin\Core\Drafting\CannotEdit;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;

/** A place where parts sit, and the minutes to get at it. */
final readonly class Place extends Edit
{
    public function __construct(private string $place, private string $label, private float $minutes)
    {
    }

    #[\Override]
    public function on(Draft $draft): Draft
    {
        return $draft->withWorld('places', $this->place, ['label' => $this->label, 'minutes' => $this->minutes]);
    }

    #[\Override]
    public function words(): string
    {
        return "$this->label, $this->minutes min to get at";
    }

    #[\Override]
    public static function usage(): string
    {
        return 'place PLACE "WORDS" MINUTES';
    }

    #[\Override]
    public static function said(array $words): self
    {
        self::need($words, 3);
        $isUsable = is_numeric($words[2]) && $words[1] !== '';

        return $isUsable ? new self($words[0], $words[1], (float) $words[2]) : throw CannotEdit::words(self::usage());
    }
}
