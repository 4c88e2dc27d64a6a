<?php

declare(strict_types=1);

namespace App\Shop;

use App\Api\Data;

/** What signing in takes. */
final readonly class SignInInput extends Data
{
    public function __construct(public string $email, public string $password)
    {
    }
}
