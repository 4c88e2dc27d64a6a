<?php

declare(strict_types=1);

namespace App\Desk;

use App\Calls\Trace;
use App\Calls\Traces;

/** What is asked about a call. It goes to a desk and back as it is. */
abstract readonly class Question
{
    public function __construct(public int $call)
    {
    }

    abstract public function answer(Traces $traces): mixed;

    /** Whether what is done after it is answered is left when somebody knocks. */
    public function canWait(): bool
    {
        return false;
    }

    /**
     * What is done at once after it is answered, as it will be asked for in a moment.
     *
     * @return bool whether there is such a thing
     */
    public function then(Trace $trace): bool
    {
        return false;
    }
}
