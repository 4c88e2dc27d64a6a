<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Record\EventType;

/** One line of a call's log, with what it meant and whether it still counts. */
final readonly class LogEventData extends Data
{
    /**
     * @param  \stdClass  $data  see docs/call-file.md
     * @param  MeaningData|null  $meaning  of evidence that counts
     * @param  string|null  $struck  why it was struck out
     * @param  PartVerdictData|null  $verdict  of a reading of a part by itself, or of a part that was judged
     * @param  bool  $strikable  whether it can be struck out
     */
    private function __construct(
        public string $id,
        public int $sequence,
        public EventType $type,
        public \stdClass $data,
        public string $by,
        public string $notedAt,
        public ?MeaningData $meaning,
        public ?string $struck,
        public ?PartVerdictData $verdict,
        public bool $strikable,
    ) {
    }

    public static function of(CallEvent $event, ?MeaningData $meaning, ?string $struck, ?PartVerdictData $verdict): self
    {
        return new self(
            $event->id,
            $event->sequence,
            $event->type,
            (object) $event->data,
            $event->user->name,
            $event->noted_at->toIso8601ZuluString(),
            $meaning,
            $struck,
            $verdict,
            $struck === null && $event->type->isStrikable(),
        );
    }
}
