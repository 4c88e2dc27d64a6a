<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Record\Event;

/** A part that was fitted to a unit. */
final readonly class FittedPartData extends Data
{
    /**
     * @param  string  $label  of the part that it is in the unit
     * @param  string  $fitted  as its own label has it; nothing where nobody said
     * @param  string  $serial  its number; nothing where it has none
     * @param  list<string>  $differs  what comes of what does not match, in sentences
     * @param  string  $at  when
     * @param  string  $by  whom
     */
    private function __construct(
        public int $call,
        public int $number,
        public string $part,
        public string $label,
        public string $fitted,
        public string $serial,
        public array $differs,
        public string $at,
        public string $by,
    ) {
    }

    public static function of(Call $call, CallEvent $event): self
    {
        $fitted = $event->toEvent();

        return new self(
            $call->id,
            $call->number,
            $fitted->text('part'),
            $fitted->text('label'),
            $fitted->text('fitted'),
            $fitted->text('serial'),
            self::differs($fitted),
            $event->noted_at->toIso8601ZuluString(),
            $event->user->name,
        );
    }

    /** @return list<string> */
    private static function differs(Event $fitted): array
    {
        return array_values(array_filter((array) ($fitted->data['differs'] ?? []), is_string(...)));
    }
}
