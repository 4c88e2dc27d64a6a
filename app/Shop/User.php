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
 * @property array<string, string>|null $units  symbol by dimension, of those preferred
 */
class User extends Authenticatable
{
    protected $fillable = ['name', 'email', 'password', 'role', 'units'];

    protected $hidden = ['password', 'remember_token'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'role' => Role::class, 'units' => 'array'];
    }

    public function isLead(): bool
    {
        return $this->role === Role::Lead;
    }
}
