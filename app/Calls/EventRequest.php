<?php

declare(strict_types=1);

namespace App\Calls;

/** The envelope of an event; when it happened is for Moment to judge. */
class EventRequest extends SupposedRequest
{
    /** @return array<string, list<mixed>> */
    #[\Override]
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', 'uuid'],
            'noted_at' => ['required', 'string'],
            ...parent::rules(),
        ];
    }

    /** @return array<string, string> */
    #[\Override]
    public function messages(): array
    {
        return ['id.*' => 'Each event carries a UUID made by the client, so that sending it twice stores it once.'];
    }
}
