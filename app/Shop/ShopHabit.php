<?php

declare(strict_types=1);

namespace App\Shop;

use Illuminate\Database\Eloquent\Model;
use Levin\Core\Checks\Bench\Habit;

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

    /** @return array<string, string> by habit, the usual where nobody has said otherwise */
    public static function chosen(): array
    {
        $own = [];
        foreach (self::query()->get() as $row) {
            $own[$row->habit] = $row->choice;
        }
        $chosen = [];
        foreach (Habit::cases() as $habit) {
            $choice = $own[$habit->value] ?? '';
            $chosen[$habit->value] = in_array($choice, $habit->choices(), true) ? $choice : $habit->choices()[0];
        }

        return $chosen;
    }
}
