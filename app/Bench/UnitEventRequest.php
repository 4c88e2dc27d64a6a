<?php

declare(strict_types=1);

namespace App\Bench;

use App\Calls\EventRequest;
use Illuminate\Validation\Rule;
use Levin\Core\Record\EventType;

/** An event of a unit's log: outside of a call a part can be judged, and a judgement struck out. */
class UnitEventRequest extends EventRequest
{
    /** @return array<string, list<mixed>> */
    #[\Override]
    public function rules(): array
    {
        return [...parent::rules(), 'type' => ['required', Rule::enum(EventType::class)->only([EventType::Judged, EventType::Strike])]];
    }

    /** @return array<string, string> */
    #[\Override]
    public function messages(): array
    {
        return [
            ...parent::messages(),
            'type.*' => 'Outside of a call a part can be judged, or a judgement struck out. Open a call for the rest.',
        ];
    }
}
