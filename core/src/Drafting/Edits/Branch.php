<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Edits;

use Levin\Core\Drafting\CannotEdit;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edit;
use Levin\Core\Drafting\Fresh;
use Levin\Core\Drafting\Series;

/** A part in parallel: between two points that are there, on two wires of its own. */
final readonly class Branch extends Edit
{
    /** A lead in a unit. [practice, no published source] */
    private const LEAD = ['colour' => 'black', 'gauge' => 18, 'length' => 0.6];

    /** @var list<string> */
    private array $terminals;

    public function __construct(
        private string $from,
        private string $to,
        private string $id,
        private string $kind,
        private string $label = '',
        string ...$terminals,
    ) {
        $this->terminals = array_values($terminals);
    }

    #[\Override]
    public function on(Draft $draft): Draft
    {
        foreach ([$this->from, $this->to] as $point) {
            $draft->part(Draft::partOf($point));
        }
        [$in, $out] = Series::terminals($this->kind, $this->terminals);
        $draft = Fresh::part($draft, $this->id, $this->kind, $this->label, Draft::partOf($this->from));
        foreach ([[$this->from, "$this->id.$in"], ["$this->id.$out", $this->to]] as [$from, $to]) {
            $like = self::at($draft, $from === $this->from ? $from : $to);
            $draft = $draft->withWire($draft->nextWire(), ['from' => $from, 'to' => $to, ...$like]);
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
        return ($this->label === '' ? $this->kind : $this->label)." $this->id between $this->from and $this->to";
    }

    #[\Override]
    public static function usage(): string
    {
        return 'branch POINT POINT PART KIND ["LABEL" [TERMINAL TERMINAL]]';
    }

    #[\Override]
    public static function said(array $words): self
    {
        self::need($words, 4, 7);

        return count($words) === 6 ? throw CannotEdit::words(self::usage()) : new self(...$words);
    }
}
