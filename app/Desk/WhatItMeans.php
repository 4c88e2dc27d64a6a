<?php

declare(strict_types=1);

namespace App\Desk;

use App\Calls\Call;
use App\Calls\MeaningData;
use App\Calls\Trace;
use App\Calls\Traces;

final readonly class WhatItMeans extends Question
{
    public function __construct(int $call, private string $event)
    {
        parent::__construct($call);
    }

    #[\Override]
    public function answer(Traces $traces): ?MeaningData
    {
        return $traces->meaning(Call::query()->findOrFail($this->call), $this->event);
    }

    /** Whoever has read what it means wants to know what is next. */
    #[\Override]
    public function then(Trace $trace): bool
    {
        $trace->assessed($this->call);

        return true;
    }
}
