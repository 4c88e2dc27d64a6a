<?php

declare(strict_types=1);

namespace App\Calls;

use App\Shop\User;

/** A technician changes their own calls, a lead any; everyone signed in reads all. */
class CallPolicy
{
    public function append(User $user, Call $call): bool
    {
        return $user->isLead() || $call->technician_id === $user->id;
    }

    public function import(User $user): bool
    {
        return $user->isLead();
    }
}
