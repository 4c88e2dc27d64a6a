<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Edits;

use Levin\Core\Drafting\CannotEdit;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;

/** A part is taken out: what went through it goes on without it, and what else was on it goes with it. */
final readonly class Remove extends Edit
{
    public function __construct(private string $part)
    {
    }

    #[\Override]
    public function on(Draft $draft): Draft
    {
        $draft->part($this->part);
        if ($draft->isEarth($this->part)) {
            throw CannotEdit::isEarth($this->part);
        }
        $isOn = fn (string $point): bool => Draft::partOf($point) === $this->part;
        $own = array_filter($draft->wires(), static fn (array $w): bool => $isOn($w['from']) || $isOn($w['to']));
        $ends = $fars = [];
        foreach ($own as $wire) {
            $ends[] = $isOn($wire['from']) ? $wire['from'] : $wire['to'];
            $fars[] = $isOn($wire['from']) ? $wire['to'] : $wire['from'];
        }
        foreach (array_keys($own) as $id) {
            $draft = $draft->withoutWire($id);
        }
        $isThrough = count($own) === 2 && $ends[0] !== $ends[1] && $fars[0] !== $fars[1] && ! $isOn($fars[0]) && ! $isOn($fars[1]);
        if ($isThrough) {
            $first = array_key_first($own);
            $draft = $draft->withWire($first, [...$own[$first], 'from' => $fars[0], 'to' => $fars[1]]);
        }

        return $draft->withoutPart($this->part);
    }

    #[\Override]
    public function words(): string
    {
        return "$this->part taken out";
    }

    #[\Override]
    public static function usage(): string
    {
        return 'remove PART';
    }

    #[\Override]
    public static function said(array $words): self
    {
        return count($words) === 1 ? new self($words[0]) : throw CannotEdit::words(self::usage());
    }
}
