<?php

declare(strict_types=1);

namespace App\Calls;

use Illuminate\Foundation\Http\FormRequest;

/** A complaint in the customer's words. */
class NewCallRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['complaint' => ['required', 'string', 'max:500']];
    }

    /** @return array<string, string> */
    #[\Override]
    public function messages(): array
    {
        return ['complaint.required' => 'Write the complaint in the customer\'s words.'];
    }
}
