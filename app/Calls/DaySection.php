<?php

declare(strict_types=1);

namespace App\Calls;

use App\Database\Dates;
use App\Shop\ShopZone;
use App\Shop\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Levin\Core\Work\ShopDay;

/** What a technician's day is made of, where the shop is. */
enum DaySection: string
{
    /** begun, and not yet closed */
    case Now = 'now';

    /** not begun, due today */
    case Next = 'next';

    /** of another day, and never closed */
    case Unfinished = 'unfinished';

    /** due on another day */
    case Coming = 'coming';

    /** closed with the unit left so that someone has to come back, and nobody has: whoever was there */
    case Waiting = 'waiting';

    /** somebody else's, not closed, up to the end of today */
    case Others = 'others';

    /** closed, whoever was there */
    case Done = 'done';

    /**
     * @param  Builder<Call>  $calls
     * @return Builder<Call>
     */
    public function of(Builder $calls, User $user): Builder
    {
        $today = ShopDay::of(Carbon::now()->toDateTimeImmutable(), ShopZone::here());
        $begins = self::stored($today->begins);
        $ends = self::stored($today->ends());
        $own = static fn (): Builder => $calls->whereNull('closed_at')->where('technician_id', $user->id);

        return match ($this) {
            self::Now => $own()->whereHas('events')->where('scheduled_for', '>=', $begins)->where('scheduled_for', '<', $ends),
            self::Next => $own()->whereDoesntHave('events')->where('scheduled_for', '>=', $begins)->where('scheduled_for', '<', $ends),
            self::Unfinished => $own()->where('scheduled_for', '<', $begins),
            self::Coming => $own()->where('scheduled_for', '>=', $ends),
            self::Waiting => $calls->whereNotNull('closed_at')->whereNotNull('left_how')
                ->whereNotExists(Call::query()->from('calls as later')->toBase()
                    ->whereColumn('later.unit_id', 'calls.unit_id')
                    ->whereNotNull('later.closed_at')
                    ->whereColumn('later.scheduled_for', '>', 'calls.scheduled_for')),
            self::Others => $calls->whereNull('closed_at')->whereNot('technician_id', $user->id)->where('scheduled_for', '<', $ends),
            self::Done => $calls->whereNotNull('closed_at'),
        };
    }

    private static function stored(\DateTimeImmutable $moment): string
    {
        return $moment->setTimezone(new \DateTimeZone('UTC'))->format(Dates::FORMAT);
    }
}
