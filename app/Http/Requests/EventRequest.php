<?php

namespace App\Http\Requests;

use App\Models\Call;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Levin\Core\Record\EventType;

/** The envelope of an event; what is inside is for the core's Gate to judge. */
class EventRequest extends FormRequest
{
    public function authorize(): bool
    {
        $call = $this->route('call');

        return $call instanceof Call && $this->user()?->can('append', $call) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'type' => ['required', Rule::enum(EventType::class)],
            'noted_at' => ['required', 'date'],
            'data' => ['present', 'array'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'id.*' => 'Each event carries a UUID made by the client, so that sending it twice stores it once.',
            'noted_at.*' => 'noted_at must be the date and time the event happened, as ISO 8601.',
        ];
    }
}
