<?php

declare(strict_types=1);

namespace App\Calls;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Levin\Core\Record\EventType;

/** What an event holds; what is inside is for the core's Gate to judge. */
class SupposedRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['type' => ['required', Rule::enum(EventType::class)], 'data' => ['present', 'array']];
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
