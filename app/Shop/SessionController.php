<?php

declare(strict_types=1);

namespace App\Shop;

use App\Api\Operation;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;

/** Signing in and out. */
class SessionController
{
    /** Wrong passwords a minute for one e-mail from one address. */
    private const TRIES = 5;

    #[Operation('Sign in', answer: UserData::class, takes: SignInInput::class)]
    public function store(SignInRequest $request): JsonResponse
    {
        $key = 'sign-in:'.Str::lower($request->string('email')->toString()).'|'.$request->ip();
        if (RateLimiter::tooManyAttempts($key, self::TRIES)) {
            throw new TooManyRequestsHttpException(
                RateLimiter::availableIn($key),
                'Too many wrong passwords. Wait a minute, then try again.',
            );
        }
        if (! Auth::attempt(['email' => $request->string('email')->toString(), 'password' => $request->string('password')->toString()])) {
            RateLimiter::hit($key);
            throw ValidationException::withMessages(
                ['email' => 'That e-mail and password do not belong together. Check both and try again.'],
            );
        }
        RateLimiter::clear($key);
        $request->session()->regenerate();

        return response()->json(UserData::of(SignedIn::by($request)));
    }

    #[Operation('Who is signed in', answer: UserData::class)]
    public function show(Request $request): JsonResponse
    {
        return response()->json(UserData::of(SignedIn::by($request)));
    }

    #[Operation('Prefer units', answer: UserData::class, takes: UnitsInput::class)]
    public function prefer(UnitsRequest $request): JsonResponse
    {
        $user = SignedIn::by($request);
        $user->update(['units' => $request->units()]);

        return response()->json(UserData::of($user));
    }

    #[Operation('Sign out', status: 204)]
    public function destroy(Request $request): Response
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return response()->noContent();
    }
}
