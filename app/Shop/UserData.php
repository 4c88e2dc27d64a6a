<?php

declare(strict_types=1);

namespace App\Shop;

use App\Api\Data;

/** Who is signed in, and to which shop. */
final readonly class UserData extends Data
{
    /**
     * @param  string  $timezone  where the shop is, by its IANA name
     * @param  array<string, string>  $units  symbol by dimension, of those that can be chosen
     * @param  list<PreferenceData>  $preferences  units that can be chosen
     */
    private function __construct(
        public int $id,
        public string $name,
        public Role $role,
        public string $shop,
        public string $timezone,
        public array $units,
        public array $preferences,
    ) {
    }

    public static function of(User $user): self
    {
        return new self(
            $user->id,
            $user->name,
            $user->role,
            config()->string('levin.shop'),
            config()->string('levin.timezone'),
            PreferenceData::with($user->units ?? []),
            PreferenceData::all(),
        );
    }
}
