<?php

declare(strict_types=1);

namespace App\Http;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** Refuses a body that is longer than anything the route takes, before anything reads it. */
class LimitBody
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next, string $kilobytes): Response
    {
        if (strlen($request->getContent()) > 1024 * (int) $kilobytes) {
            throw new HttpException(413, "That is more than $kilobytes kB, the most that is taken here. Nothing was changed.");
        }

        return $next($request);
    }
}
