<?php

declare(strict_types=1);

namespace App\Calls;

use Illuminate\Validation\ValidationException;
use Levin\Core\Record\Refusal;

/** An event on its way into a log. */
final class Sent
{
    /**
     * What a log says no to is told to whoever sent it, beside the field that it is about.
     *
     * @param  \Closure(): bool  $append
     * @return bool whether it was stored now
     *
     * @throws ValidationException
     */
    public static function into(\Closure $append): bool
    {
        try {
            return $append();
        } catch (Refusal|BadMoment $e) {
            throw ValidationException::withMessages([$e->field => $e->getMessage()]);
        } catch (OtherEvent $e) {
            throw ValidationException::withMessages(['id' => $e->getMessage()]);
        }
    }
}
