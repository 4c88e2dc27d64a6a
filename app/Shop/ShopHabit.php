<?php

declare(strict_types=1);

namespace App\Shop;

use Illuminate\Database\Eloquent\Model;
use Levin\Core\Checks\Bench\Habits;

/**
 * What the shop does where careful people differ.
 *
 * @property string $habit
 * @property string $choice
 * @property int $user_id who said so last
 */
class ShopHabit extends Model
{
    public $incrementing = false;

    protected $primaryKey = 'habit';

    protected $keyType = 'string';

    protected $fillable = ['habit', 'choice', 'user_id'];

    public static function chosen(): Habits
    {
        $own = [];
        foreach (self::query()->get() as $row) {
            $own[$row->habit] = $row->choice;
        }

        return new Habits($own);
    }
}
