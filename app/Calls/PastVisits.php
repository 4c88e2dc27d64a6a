<?php

declare(strict_types=1);

namespace App\Calls;

use App\Shop\ShopHabit;
use App\Shop\ShopZone;
use Levin\Core\Checks\Bench\Habit;
use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;
use Levin\Core\Record\Rung\Account;
use Levin\Core\Record\Rung\Visit;
use Levin\Core\Work\Claim;
use Levin\Core\Work\Guarantee;

/** What was done at a unit before, and whether the shop still stands by it. */
final readonly class PastVisits
{
    /** So many are shown. */
    private const SHOWN = 3;

    public function __construct(private Judging $judging)
    {
    }

    /**
     * @param  Visit  $now  the visit that asks
     * @return list<PastVisitData> the last first
     */
    public function before(Call $call, Visit $now): array
    {
        $past = Call::listed()->with(['revision', 'events'])->where('unit_id', $call->unit_id)
            ->where('scheduled_for', '<', $call->scheduled_for)->whereNotNull('closed_at')
            ->latest('scheduled_for')->limit(self::SHOWN)->get();
        $found = $now->faulted();
        $guarantee = self::guarantee();
        $data = [];
        foreach ($past as $one) {
            $visit = $this->judging->visit($one);
            $done = (new Account($visit))->done();
            $good = $visit->judgedGood();
            $isOne = $done !== [] || $good !== [];
            $at = $one->scheduled_for->toDateTimeImmutable();
            $data[] = new PastVisitData(
                $one->id,
                $one->scheduled_for->toIso8601ZuluString(),
                $one->technician->name,
                $one->complaint,
                $one->finding,
                $done,
                array_values($good),
                $isOne ? $guarantee?->lastDay($at)->format('Y-m-d') : null,
                $isOne && ($guarantee?->holds($at, $call->scheduled_for->toDateTimeImmutable()) ?? false),
                Claim::of($found, self::worked($visit), array_keys($good)),
            );
        }

        return $data;
    }

    private static function guarantee(): ?Guarantee
    {
        return Guarantee::chosen(ShopHabit::chosen()->of(Habit::Guarantee), ShopZone::here());
    }

    /** @return list<string> parts and wires that something was done to, or that were found at fault */
    private static function worked(Visit $visit): array
    {
        $deeds = $visit->since(null, EventType::Replaced, EventType::Worked);

        return [
            ...$visit->faulted(),
            ...array_map(static fn (Event $e): string => $e->text($e->type === EventType::Replaced ? 'part' : 'target'), $deeds),
        ];
    }
}
