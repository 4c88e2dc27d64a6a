<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use App\Shop\User;
use Levin\Core\Record\LeftHow;
use Levin\Core\Record\Rung\Contact;

/** A call as lists show it. */
final readonly class CallData extends Data
{
    /**
     * @param  string|null  $jumperSince  when a jumper was put on that still is
     * @param  string|null  $leftWords  how the unit is left that could not be put right
     */
    private function __construct(
        public int $id,
        public int $number,
        public string $complaint,
        public Stage $stage,
        public string $scheduledFor,
        public ?string $closedAt,
        public PersonData $technician,
        public CallUnitData $unit,
        public ?string $finding,
        public ?Contact $openAt,
        public ?string $jumperSince,
        public ?LeftHow $left,
        public ?string $leftWords,
        public int $events,
        public bool $mayChange,
        public ?ImportData $imported,
    ) {
    }

    /** @param  Call  $call  a listed one */
    public static function of(Call $call, User $for): self
    {
        return new self(
            $call->id,
            $call->number,
            $call->complaint,
            $call->stage(),
            $call->scheduled_for->toIso8601ZuluString(),
            $call->closed_at?->toIso8601ZuluString(),
            new PersonData($call->technician->id, $call->technician->name),
            CallUnitData::of($call->unit),
            $call->finding,
            ($call->events_count ?? 0) === 0 ? Contact::Seen : $call->open_at,
            $call->jumper_since?->toIso8601ZuluString(),
            $call->left_how,
            $call->left_words,
            $call->events_count ?? 0,
            $for->can('append', $call),
            $call->importer === null ? null : new ImportData($call->importer->name, (string) $call->imported_at?->toIso8601ZuluString()),
        );
    }
}
