<?php

declare(strict_types=1);

use App\Http\LimitBody;
use App\Http\SecureHeaders;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', health: '/up')
    ->withMiddleware(function (Middleware $middleware): void {
        // a same-origin application
        $middleware->remove(HandleCors::class);
        $middleware->web(append: [SecureHeaders::class]);
        $middleware->alias(['body' => LimitBody::class]);
        // a record comes in as it went out: a text that is empty is no null, and keeps its blanks
        $isRecord = static fn (Request $request): bool => $request->is('api/calls/import');
        $middleware->convertEmptyStringsToNull(except: [$isRecord]);
        $middleware->trimStrings(except: [$isRecord]);
        $middleware->redirectGuestsTo('/sign-in');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->shouldRenderJsonWhen(fn (Request $request): bool => $request->is('api/*'));
    })
    ->create();
