<?php

namespace Tests\Support;

use App\Calls\Call;

/** What the tests need of the demo data, by what it is and not by its number. */
final class Demo
{
    /** The call at a unit that is still to be closed. */
    public static function call(string $unit): Call
    {
        return self::at($unit)->whereNull('closed_at')->firstOrFail();
    }

    public static function closedCall(string $unit): Call
    {
        return self::at($unit)->whereNotNull('closed_at')->firstOrFail();
    }

    /** @return \Illuminate\Database\Eloquent\Builder<Call> */
    private static function at(string $unit): \Illuminate\Database\Eloquent\Builder
    {
        return Call::query()->whereHas('unit', fn ($q) => $q->where('name', $unit))->latest('number');
    }
}
