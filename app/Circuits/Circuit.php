<?php

declare(strict_types=1);

namespace App\Circuits;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * A circuit by name; what it is at any time is a revision.
 *
 * @property string $id as its file has it
 * @property CircuitRevision $newest
 */
class Circuit extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $fillable = ['id'];

    /** @return HasOne<CircuitRevision, $this> */
    public function newest(): HasOne
    {
        return $this->hasOne(CircuitRevision::class)->ofMany('number', 'max');
    }
}
