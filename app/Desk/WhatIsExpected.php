<?php

declare(strict_types=1);

namespace App\Desk;

use App\Calls\Call;
use App\Calls\ExpectedData;
use App\Calls\Traces;
use Levin\Core\Meter\MeterFunction;

final readonly class WhatIsExpected extends Question
{
    public function __construct(
        int $call,
        private MeterFunction $function,
        private string $red,
        private string $black,
        private int $turns,
    ) {
        parent::__construct($call);
    }

    #[\Override]
    public function answer(Traces $traces): ExpectedData
    {
        return $traces->expected(Call::query()->findOrFail($this->call), $this->function, $this->red, $this->black, $this->turns);
    }
}
