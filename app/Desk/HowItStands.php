<?php

declare(strict_types=1);

namespace App\Desk;

use App\Calls\Trace;
use App\Calls\TraceData;
use App\Calls\Traces;
use App\Shop\User;

final readonly class HowItStands implements Question
{
    public function __construct(private int $call, private int $user)
    {
    }

    #[\Override]
    public function answer(Traces $traces): TraceData
    {
        return $traces->of($this->call, User::query()->findOrFail($this->user));
    }

    #[\Override]
    public function then(Trace $trace): bool
    {
        return false;
    }

    #[\Override]
    public function call(): int
    {
        return $this->call;
    }
}
