<?php

use Levin\Core\Work\ShopDay;

// when the clocks change: IANA time zone database, from memory

it('runs from midnight to midnight where the shop is', function (string $zone, string $moment, string $begins, string $ends): void {
    $day = ShopDay::of(new DateTimeImmutable($moment), new DateTimeZone($zone));
    $utc = static fn (DateTimeImmutable $at): string => $at->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d\TH:i');
    expect($utc($day->begins))->toBe($begins)->and($utc($day->ends()))->toBe($ends);
})->with([
    'an evening there is the next day in Greenwich' => ['America/New_York', '2026-11-30T02:00Z', '2026-11-29T05:00', '2026-11-30T05:00'],
    'the last second' => ['America/New_York', '2026-11-30T04:59:59Z', '2026-11-29T05:00', '2026-11-30T05:00'],
    'midnight is the next day' => ['America/New_York', '2026-11-30T05:00Z', '2026-11-30T05:00', '2026-12-01T05:00'],
    'a day of 23 hours' => ['America/New_York', '2026-03-08T12:00Z', '2026-03-08T05:00', '2026-03-09T04:00'],
    'a day of 25 hours' => ['America/New_York', '2026-11-01T12:00Z', '2026-11-01T04:00', '2026-11-02T05:00'],
    'half an hour off' => ['Asia/Kolkata', '2026-11-29T18:30Z', '2026-11-29T18:30', '2026-11-30T18:30'],
]);

it('goes on by days, not by hours', function (): void {
    $day = ShopDay::of(new DateTimeImmutable('2026-03-07T12:00Z'), new DateTimeZone('America/New_York'));
    expect($day->later(2)->begins->format('c'))->toBe('2026-03-09T00:00:00-04:00')
        ->and($day->later(-7)->begins->format('c'))->toBe('2026-02-28T00:00:00-05:00');
});
