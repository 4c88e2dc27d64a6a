<?php

namespace App\Policies;

use App\Models\Call;
use App\Models\User;

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
