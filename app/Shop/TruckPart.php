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

    /**
     * One of them is fitted, or was not after all. What is gone from the truck by its own count was there all the same.
     *
     * @param  int  $id  none that this truck has changes nothing
     * @param  int  $whose  user
     */
    public static function counted(int $id, int $whose, int $more): void
    {
        $part = self::query()->whereKey($id)->where('user_id', $whose)->first();
        $part?->update(['count' => max(0, $part->count + $more)]);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['plate' => 'array'];
    }
}
