<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Edits;

use Levin\Core\Circuit\WireGauge;
use Levin\Core\Drafting\CannotEdit;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;

/** One more wire between two points. */
final readonly class Join extends Edit
{
    /** Metres of a lead in a unit. [practice, no published source] */
    private const LEAD = 0.6;

    public function __construct(
        private string $from,
        private string $to,
        private string $colour,
        private WireGauge $gauge,
        private float $metres,
    ) {
    }

    #[\Override]
    public function on(Draft $draft): Draft
    {
        foreach ([$this->from, $this->to] as $point) {
            $draft->part(Draft::partOf($point));
        }

        return $draft->withWire($draft->nextWire(), [
            'from' => $this->from,
            'to' => $this->to,
            'colour' => $this->colour,
            'gauge' => $this->gauge->value,
            'length' => $this->metres,
        ]);
    }

    #[\Override]
    public function words(): string
    {
        return "$this->colour wire from $this->from to $this->to";
    }

    #[\Override]
    public static function usage(): string
    {
        return 'wire POINT POINT COLOUR [AWG [METRES]]';
    }

    #[\Override]
    public static function said(array $words): self
    {
        self::need($words, 3, 5);
        $gauge = WireGauge::tryFrom((int) ($words[3] ?? WireGauge::Awg18->value));
        $metres = $words[4] ?? self::LEAD;
        $isUsable = $words[2] !== '' && $gauge !== null && is_numeric($metres) && $metres > 0;

        return $isUsable
            ? new self($words[0], $words[1], $words[2], $gauge, (float) $metres)
            : throw CannotEdit::words(self::usage());
    }
}
