<?php

declare(strict_types=1);

namespace App\Shop;

use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * Someone who signs in.
 *
 * @property int $id
 * @property string $name
 * @property string $email
 * @property Role $role
 */
class User extends Authenticatable
{
    protected $fillable = ['name', 'email', 'password', 'role'];

    protected $hidden = ['password', 'remember_token'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'role' => Role::class];
    }

    public function isLead(): bool
    {
        return $this->role === Role::Lead;
    }
}
