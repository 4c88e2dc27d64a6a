<?php

declare(strict_types=1);

namespace App\Desk;

use App\Calls\TraceData;
use App\Calls\Traces;
use App\Shop\User;

final readonly class HowItStands extends Question
{
    public function __construct(int $call, private int $user)
    {
        parent::__construct($call);
    }

    #[\Override]
    public function answer(Traces $traces): TraceData
    {
        return $traces->of($this->call, User::query()->findOrFail($this->user));
    }
}
