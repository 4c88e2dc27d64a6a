<?php

declare(strict_types=1);

namespace App\Desk;

use App\Calls\Call;
use App\Calls\Trace;
use App\Calls\Traces;
use Levin\Core\Record\EventType;

/** Nobody waits for an answer: it is made ready, unless somebody wants something else meanwhile. */
final readonly class WhatItWouldMean extends Question
{
    /** @param  array<string, mixed>  $data */
    public function __construct(int $call, private EventType $type, private array $data)
    {
        parent::__construct($call);
    }

    #[\Override]
    public function answer(Traces $traces): null
    {
        return null;
    }

    #[\Override]
    public function canWait(): bool
    {
        return true;
    }

    #[\Override]
    public function then(Trace $trace): bool
    {
        $trace->suppose(Call::query()->findOrFail($this->call), $this->type, $this->data);

        return false;
    }
}
