<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Edits;

use Levin\Core\Drafting\CannotEdit;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;

/** A part in series in a wire: the wire goes to it, and another one of its colour goes on. */
final readonly class Insert extends Edit
{
    /**
     * @param  string  $in  terminal that the wire goes to
     * @param  string  $out  terminal that it goes on from
     */
    public function __construct(
        private string $wire,
        private string $id,
        private string $kind,
        private string $in,
        private string $out,
        private string $label,
    ) {
    }

    #[\Override]
    public function on(Draft $draft): Draft
    {
        $wire = $draft->wire($this->wire);
        if (isset($draft->parts()[$this->id])) {
            throw CannotEdit::taken($this->id);
        }
        $beside = Draft::partOf($wire['from']);
        $more = $draft->freeWire($this->wire);

        return $draft
            ->withPart($this->id, [
                'kind' => $this->kind,
                'label' => $this->label,
                'place' => $draft->part($beside)['place'] ?? '',
            ], $beside)
            ->withWire($this->wire, [...$wire, 'to' => "$this->id.$this->in"])
            ->withWire($more, [...$wire, 'from' => "$this->id.$this->out"], $this->wire);
    }

    #[\Override]
    public function words(): string
    {
        return "$this->label $this->id in series in $this->wire";
    }

    #[\Override]
    public static function usage(): string
    {
        return 'insert WIRE PART KIND TERMINAL TERMINAL "LABEL"';
    }

    #[\Override]
    public static function said(array $words): self
    {
        return count($words) === 6 ? new self(...$words) : throw CannotEdit::words(self::usage());
    }
}
