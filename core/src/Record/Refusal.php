<?php

declare(strict_types=1);

namespace Levin\Core\Record;

/** An event cannot be taken as things stand. The message says why and what to do. */
final class Refusal extends RecordException
{
    /** @param  string  $field the part of the event it is about */
    public function __construct(public readonly string $field, string $message)
    {
        parent::__construct($message);
    }
}
