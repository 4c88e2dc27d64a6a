<?php

declare(strict_types=1);

namespace App\Circuits;

use Illuminate\Database\Eloquent\Model;

/**
 * The revision of a circuit that a lead has marked as the shop's.
 *
 * @property string $circuit_id
 * @property int $circuit_revision_id
 * @property int $user_id who marked it
 */
class ShopCircuit extends Model
{
    public $incrementing = false;

    protected $primaryKey = 'circuit_id';

    protected $keyType = 'string';

    protected $fillable = ['circuit_id', 'circuit_revision_id', 'user_id'];
}
