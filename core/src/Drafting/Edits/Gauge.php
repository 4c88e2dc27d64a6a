<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Edits;

use Levin\Core\Circuit\WireGauge;
use Levin\Core\Drafting\CannotEdit;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;

/** The gauge of a wire, AWG. */
final readonly class Gauge extends Edit
{
    public function __construct(private string $wire, private WireGauge $gauge)
    {
    }

    #[\Override]
    public function on(Draft $draft): Draft
    {
        $wire = $draft->wireId($this->wire);

        return $draft->withWire($wire, [...$draft->wire($wire), 'gauge' => $this->gauge->value]);
    }

    #[\Override]
    public function words(): string
    {
        return "$this->wire is {$this->gauge->value} AWG";
    }

    #[\Override]
    public static function usage(): string
    {
        return 'gauge WIRE AWG';
    }

    #[\Override]
    public static function said(array $words): self
    {
        self::need($words, 2);
        $known = array_map(static fn (WireGauge $g): string => (string) $g->value, WireGauge::cases());

        return new self(
            $words[0],
            WireGauge::tryFrom((int) $words[1]) ?? throw CannotEdit::oneOf('gauge', $words[1], $known),
        );
    }
}
