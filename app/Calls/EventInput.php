<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Record\EventType;

/** An event as it is sent. The id is a UUID made by the client, so that sending it twice stores it once. */
final readonly class EventInput extends Data
{
    public function __construct(public string $id, public EventType $type, public string $notedAt, public \stdClass $data)
    {
    }
}
