<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Edits;

use Levin\Core\Drafting\CannotEdit;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;

/** Where a part sits. */
final readonly class Sit extends Edit
{
    public function __construct(private string $part, private string $place)
    {
    }

    #[\Override]
    public function on(Draft $draft): Draft
    {
        $own = $draft->part($this->part);
        $places = $draft->world('places');

        return isset($places[$this->place])
            ? $draft->withPart($this->part, [...$own, 'place' => $this->place])
            : throw CannotEdit::oneOf('place', $this->place, array_map(strval(...), array_keys($places)));
    }

    #[\Override]
    public function words(): string
    {
        return "$this->part sits in $this->place";
    }

    #[\Override]
    public static function usage(): string
    {
        return 'sit PART PLACE';
    }

    #[\Override]
    public static function said(array $words): self
    {
        self::need($words, 2);

        return new self($words[0], $words[1]);
    }
}
