<?php

declare(strict_types=1);

namespace App\Desk;

use App\Calls\Call;
use App\Calls\Traces;
use Levin\Core\Diagnosis\Dossier;

final readonly class WhyItIsSuspected extends Question
{
    public function __construct(int $call, private string $target)
    {
        parent::__construct($call);
    }

    #[\Override]
    public function answer(Traces $traces): ?Dossier
    {
        return $traces->dossier(Call::query()->findOrFail($this->call), $this->target);
    }
}
