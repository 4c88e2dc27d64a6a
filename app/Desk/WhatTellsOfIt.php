<?php

declare(strict_types=1);

namespace App\Desk;

use App\Calls\AloneData;
use App\Calls\Call;
use App\Calls\Traces;

final readonly class WhatTellsOfIt extends Question
{
    public function __construct(int $call, private string $target)
    {
        parent::__construct($call);
    }

    #[\Override]
    public function answer(Traces $traces): AloneData
    {
        return $traces->byItself(Call::query()->findOrFail($this->call), $this->target);
    }
}
