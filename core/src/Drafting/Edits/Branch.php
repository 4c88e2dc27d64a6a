<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Edits;

use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;
use Levin\Core\Drafting\NewPart;

/** A part in parallel: between two points that are there, on two wires of its own. */
final readonly class Branch extends Edit
{
    /** A lead in a unit. [practice, no published source] */
    private const LEAD = ['colour' => 'black', 'gauge' => 18, 'length' => 0.6];

    public function __construct(private string $from, private string $to, private NewPart $part)
    {
    }

    #[\Override]
    public function on(Draft $draft): Draft
    {
        foreach ([$this->from, $this->to] as $point) {
            $draft->part(Draft::partOf($point));
        }
        [$draft, $in, $out] = $this->part->in($draft, Draft::partOf($this->from));
        foreach ([[$this->from, $in, $this->from], [$out, $this->to, $this->to]] as [$from, $to, $at]) {
            $draft = $draft->withWire($draft->nextWire(), ['from' => $from, 'to' => $to, ...self::at($draft, $at)]);
        }

        return $draft;
    }

    /** @return array{colour: string, gauge: int, length: float|int} of a wire like those on a point */
    private static function at(Draft $draft, string $point): array
    {
        foreach ($draft->wires() as $wire) {
            if ($wire['from'] === $point || $wire['to'] === $point) {
                return ['colour' => $wire['colour'], 'gauge' => $wire['gauge'], 'length' => self::LEAD['length']];
            }
        }

        return self::LEAD;
    }

    #[\Override]
    public function words(): string
    {
        return $this->part->words()." between $this->from and $this->to";
    }

    #[\Override]
    public static function usage(): string
    {
        return 'branch POINT POINT '.NewPart::USAGE;
    }

    #[\Override]
    public static function said(array $words): self
    {
        self::need($words, 4, 7);

        return new self($words[0], $words[1], NewPart::said(array_slice($words, 2), self::usage()));
    }
}
