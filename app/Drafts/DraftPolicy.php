<?php

declare(strict_types=1);

namespace App\Drafts;

use App\Shop\User;

/** A draft is the one's who began it; a lead may see and change any. */
class DraftPolicy
{
    public function change(User $user, CircuitDraft $draft): bool
    {
        return $user->isLead() || $draft->user_id === $user->id;
    }
}
