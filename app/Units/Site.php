<?php

declare(strict_types=1);

namespace App\Units;

use Illuminate\Database\Eloquent\Model;

/**
 * Where units stand.
 *
 * @property int $id
 * @property string $name
 * @property string $address
 * @property string $contact
 * @property string $phone
 */
class Site extends Model
{
    protected $fillable = ['name', 'address', 'contact', 'phone'];
}
