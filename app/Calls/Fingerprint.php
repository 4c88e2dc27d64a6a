<?php

declare(strict_types=1);

namespace App\Calls;

use App\Database\Dates;
use Illuminate\Support\Carbon;
use Levin\Core\Record\EventType;

/** Tells one event as it was sent from another. */
final class Fingerprint
{
    /**
     * The same for the same content, in whatever order its keys come.
     *
     * @param  array<string, mixed>  $data
     */
    public static function of(EventType $type, array $data, Carbon $notedAt): string
    {
        ksort($data);

        return hash('sha256', json_encode([$type->value, $data, $notedAt->utc()->format(Dates::FORMAT)], JSON_THROW_ON_ERROR));
    }
}
