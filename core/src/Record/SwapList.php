<?php

declare(strict_types=1);

namespace Levin\Core\Record;

use Levin\Core\Circuit\Circuit;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Circuit\Wire;

/** The wires of a part, one after the other, from the part that was there to the new one: which went where is in the log. */
final readonly class SwapList
{
    /** @param  list<SwapLead>  $leads  in the order of its terminals */
    private function __construct(public string $part, public string $label, public array $leads, public bool $isDone)
    {
    }

    /**
     * @param  list<Event>  $log
     *
     * @throws UnknownName for a part that is not there
     */
    public static function of(Circuit $circuit, string $part, array $log): self
    {
        $own = $circuit->part($part);
        $moved = [];
        $isDone = false;
        $struck = Strikes::in($log);
        foreach ($log as $event) {
            if (isset($struck[$event->id]) || $event->text('part') !== $part) {
                continue;
            }
            // a part that is swapped once more begins anew
            if ($event->type === EventType::Moved) {
                $moved = $isDone ? [] : $moved;
                $isDone = false;
                $moved[$event->text('wire')] = $event;
            }
            $isDone = $event->type === EventType::Swapped ? true : $isDone;
        }
        $leads = [];
        foreach ($own->terminals as $terminal) {
            foreach ($circuit->wiresAt($own->point($terminal)) as $wire) {
                $leads[] = self::lead($wire, $terminal, $own->point($terminal), $moved[$wire->id] ?? null);
            }
        }

        return new self($part, $own->label, $leads, $isDone);
    }

    /** @return list<SwapLead> that still hang on the part that was there */
    public function left(): array
    {
        return array_values(array_filter($this->leads, static fn (SwapLead $lead): bool => $lead->movedTo === null));
    }

    /** @throws Refusal for a wire that is not on it */
    public function on(string $wire): SwapLead
    {
        foreach ($this->leads as $lead) {
            if ($lead->wire === $wire) {
                return $lead;
            }
        }
        throw Refusal::notOnIt($wire, $this->part);
    }

    private static function lead(Wire $wire, string $terminal, string $point, ?Event $moved): SwapLead
    {
        $far = $wire->from === $point ? $wire->to : $wire->from;

        return new SwapLead($wire->id, $terminal, $wire->colour, $wire->gauge->value, $far, $moved?->text('to'), $moved->id ?? null);
    }
}
