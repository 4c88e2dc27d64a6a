<?php

declare(strict_types=1);

namespace App\Calls;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Levin\Core\Record\EventType;

/** The envelope of an event; what is inside is for the core's Gate to judge, when it happened for Moment. */
class EventRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', 'uuid'],
            'type' => ['required', Rule::enum(EventType::class)],
            'noted_at' => ['required', 'string'],
            'data' => ['present', 'array'],
        ];
    }

    /** @return array<string, string> */
    #[\Override]
    public function messages(): array
    {
        return ['id.*' => 'Each event carries a UUID made by the client, so that sending it twice stores it once.'];
    }

    public function type(): EventType
    {
        return EventType::from($this->string('type')->toString());
    }

    /** @return array<string, mixed> */
    public function event(): array
    {
        /** @var array<string, mixed> */
        return $this->array('data');
    }
}
