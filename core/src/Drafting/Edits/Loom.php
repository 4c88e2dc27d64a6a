<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Edits;

use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;

/** The cable or loom that a wire lies in, or that it lies by itself. */
final readonly class Loom extends Edit
{
    public function __construct(private string $wire, private string $loom)
    {
    }

    #[\Override]
    public function on(Draft $draft): Draft
    {
        $wire = $draft->wireId($this->wire);
        $own = $draft->wire($wire);
        unset($own['bundle']);

        return $draft->withWire($wire, $this->loom === '' ? $own : [...$own, 'bundle' => $this->loom]);
    }

    #[\Override]
    public function words(): string
    {
        return $this->loom === '' ? "$this->wire lies by itself" : "$this->wire lies in $this->loom";
    }

    #[\Override]
    public static function usage(): string
    {
        return 'loom WIRE [LOOM]';
    }

    #[\Override]
    public static function said(array $words): self
    {
        self::need($words, 1, 2);

        return new self($words[0], $words[1] ?? '');
    }
}
