<?php

namespace App\Http\Controllers;

use App\Http\Requests\SignInRequest;
use App\Http\Resources\UserResource;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;

class SessionController
{
    /** Wrong passwords a minute for one e-mail from one address. */
    private const TRIES = 5;

    public function store(SignInRequest $request): UserResource
    {
        $key = 'sign-in:'.Str::lower($request->string('email')->toString()).'|'.$request->ip();
        if (RateLimiter::tooManyAttempts($key, self::TRIES)) {
            throw new TooManyRequestsHttpException(RateLimiter::availableIn($key), 'Too many wrong passwords. Wait a minute, then try again.');
        }
        if (! Auth::attempt($request->safe()->only(['email', 'password']))) {
            RateLimiter::hit($key);
            throw ValidationException::withMessages(['email' => 'That e-mail and password do not belong together. Check both and try again.']);
        }
        RateLimiter::clear($key);
        $request->session()->regenerate();

        return new UserResource(Auth::user());
    }

    public function show(Request $request): UserResource
    {
        return new UserResource($request->user());
    }

    public function destroy(Request $request): Response
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return response()->noContent();
    }
}
