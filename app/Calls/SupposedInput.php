<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Data;
use Levin\Core\Record\EventType;

/** An event that may be sent in a moment: it is being typed. */
final readonly class SupposedInput extends Data
{
    public function __construct(public EventType $type, public \stdClass $data)
    {
    }
}
