<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Shop\User;

/** Everyone makes circuits; a lead says which revision is the shop's. */
class CircuitPolicy
{
    public function mark(User $user): bool
    {
        return $user->isLead();
    }
}
