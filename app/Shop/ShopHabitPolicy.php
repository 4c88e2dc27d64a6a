<?php

declare(strict_types=1);

namespace App\Shop;

/** A lead says what the shop does where careful people differ. */
class ShopHabitPolicy
{
    public function change(User $user): bool
    {
        return $user->isLead();
    }
}
