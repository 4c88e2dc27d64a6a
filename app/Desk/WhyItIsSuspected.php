<?php

declare(strict_types=1);

namespace App\Desk;

use App\Calls\Call;
use App\Calls\Trace;
use App\Calls\Traces;
use Levin\Core\Diagnosis\Dossier;

final readonly class WhyItIsSuspected implements Question
{
    public function __construct(private int $call, private string $target)
    {
    }

    #[\Override]
    public function answer(Traces $traces): ?Dossier
    {
        return $traces->dossier(Call::query()->findOrFail($this->call), $this->target);
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
