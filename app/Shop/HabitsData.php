<?php

declare(strict_types=1);

namespace App\Shop;

use App\Api\Data;
use Levin\Core\Checks\Bench\Habit;

/** The shop's habits. */
final readonly class HabitsData extends Data
{
    /**
     * @param  list<HabitData>  $habits
     * @param  bool  $mayChange  whether the reader may
     */
    private function __construct(public array $habits, public bool $mayChange)
    {
    }

    public static function for(User $reader): self
    {
        $chosen = ShopHabit::chosen();

        return new self(
            array_map(static fn (Habit $h): HabitData => HabitData::of($h, $chosen->of($h)), Habit::cases()),
            $reader->isLead(),
        );
    }
}
