<?php

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

class NewCallRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['complaint' => ['required', 'string', 'max:500']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['complaint.required' => 'Write the complaint in the customer\'s words.'];
    }
}
