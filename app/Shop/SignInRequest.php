<?php

declare(strict_types=1);

namespace App\Shop;

use Illuminate\Foundation\Http\FormRequest;

/** An e-mail and a password. */
class SignInRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'email', 'max:200'], 'password' => ['required', 'string', 'max:200']];
    }
}
