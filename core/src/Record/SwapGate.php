<?php

declare(strict_types=1);

namespace Levin\Core\Record;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\UnknownName;

/** Lets in what is done as a part is swapped, wire for wire. */
final readonly class SwapGate
{
    /** Characters of a terminal of the new part. */
    private const TERMINAL = 20;

    public function __construct(private Circuit $circuit)
    {
    }

    /**
     * One wire lifted and landed on the new part.
     *
     * @param  list<Event>  $before
     * @return array<string, mixed>
     *
     * @throws Refusal
     * @throws UnknownName
     */
    public function moved(Standing $standing, array $before, Given $given): array
    {
        $list = SwapList::of($this->circuit, $given->text('part'), $before);
        $lead = $list->on($given->text('wire'));
        if (! $standing->provedDead) {
            throw Refusal::leadOnLiveCircuit();
        }
        $to = $given->filled('to', self::TERMINAL, 'Say which terminal of the new part it is landed on.');

        return ['part' => $list->part, 'label' => $list->label, 'wire' => $lead->wire, 'to' => $to, 'words' => $lead->words()];
    }

    /**
     * Every wire is on the new part.
     *
     * @param  list<Event>  $before
     * @return array<string, mixed>
     *
     * @throws Refusal while one is left over
     * @throws UnknownName
     */
    public function swapped(array $before, Given $given): array
    {
        $list = SwapList::of($this->circuit, $given->text('part'), $before);
        $left = $list->left();

        return $left === []
            ? ['part' => $list->part, 'label' => $list->label, 'wires' => count($list->leads)]
            : throw Refusal::leftOver($list->part, array_map(static fn (SwapLead $l): string => $l->words(), $left));
    }
}
