<?php

declare(strict_types=1);

namespace App\Shop;

use Illuminate\Database\Eloquent\Model;

/**
 * A part that somebody's truck carries.
 *
 * @property int $id
 * @property int $user_id whose truck
 * @property string $check that compares it with what it may replace
 * @property string $label
 * @property array<string, string> $plate as it is typed, by what must match
 * @property int $count
 */
class TruckPart extends Model
{
    public $timestamps = false;

    protected $fillable = ['user_id', 'check', 'label', 'plate', 'count'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['plate' => 'array'];
    }
}
