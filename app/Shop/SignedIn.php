<?php

declare(strict_types=1);

namespace App\Shop;

use Illuminate\Http\Request;

/** Who sends a request that only someone signed in can send. */
final class SignedIn
{
    public static function by(Request $request): User
    {
        $user = $request->user();

        return $user instanceof User ? $user : throw new \LogicException('The route is behind sign-in.');
    }
}
