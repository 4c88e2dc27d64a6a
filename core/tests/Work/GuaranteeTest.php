<?php

declare(strict_types=1);

use Levin\Core\Work\Claim;
use Levin\Core\Work\Guarantee;

// Days are the shop's. When clocks change in New York in 2026, 8 March and 1 November at two in the morning: IANA time zone data.

function guarantee(int $days, string $zone = 'America/New_York'): Guarantee
{
    return new Guarantee($days, new DateTimeZone($zone));
}

it('holds from the visit to the end of its last day where the shop is', function (string $visit, string $now, bool $holds): void {
    // thirty days after 10 October, whatever the hour of the visit, end with 9 November
    expect(guarantee(30)->holds(new DateTimeImmutable($visit), new DateTimeImmutable($now)))->toBe($holds);
})->with([
    'at the visit' => ['2026-10-10T09:00:00-04:00', '2026-10-10T09:00:00-04:00', true],
    'before it' => ['2026-10-10T09:00:00-04:00', '2026-10-10T08:59:59-04:00', false],
    'in its last second, clocks changed meanwhile' => ['2026-10-10T09:00:00-04:00', '2026-11-09T23:59:59-05:00', true],
    'at midnight' => ['2026-10-10T09:00:00-04:00', '2026-11-10T00:00:00-05:00', false],
    'the same moments in UTC' => ['2026-10-10T13:00:00Z', '2026-11-10T04:59:59Z', true],
    'and over in UTC' => ['2026-10-10T13:00:00Z', '2026-11-10T05:00:00Z', false],
    'a visit just before midnight, when it is the next day in UTC' => ['2026-10-11T03:59:59Z', '2026-11-10T05:00:00Z', false],
    'a visit just after midnight' => ['2026-10-11T04:00:00Z', '2026-11-10T05:00:00Z', true],
]);

it('counts days and not hours where clocks change', function (): void {
    // 7 March and one day: 8 March has 23 hours there
    $until = guarantee(1)->until(new DateTimeImmutable('2026-03-07T12:00:00-05:00'));
    expect($until->format('c'))->toBe('2026-03-09T00:00:00-04:00')
        ->and(guarantee(1)->lastDay(new DateTimeImmutable('2026-03-07T12:00:00-05:00'))->format('Y-m-d'))->toBe('2026-03-08')
        ->and(guarantee(0)->lastDay(new DateTimeImmutable('2026-03-07T23:59:59-05:00'))->format('Y-m-d'))->toBe('2026-03-07');
});

it('has its days where the shop is, and not where the server is', function (): void {
    $visit = new DateTimeImmutable('2026-06-30T23:30:00Z');
    expect(guarantee(10, 'Pacific/Auckland')->lastDay($visit)->format('Y-m-d'))->toBe('2026-07-11')
        ->and(guarantee(10)->lastDay($visit)->format('Y-m-d'))->toBe('2026-07-10');
});

it('is what the shop has chosen', function (string $choice, ?string $last): void {
    $guarantee = Guarantee::chosen($choice, new DateTimeZone('America/New_York'));
    expect($guarantee?->lastDay(new DateTimeImmutable('2026-10-10T09:00:00-04:00'))->format('Y-m-d'))->toBe($last);
})->with([['90 days', '2027-01-08'], ['30 days', '2026-11-09'], ['a year', '2027-10-10'], ['not at all', null]]);

it('tells what a fault has to do with an earlier visit', function (array $found, ?Claim $claim): void {
    expect(Claim::of($found, ['CAP', 'w3'], ['OFM', 'CAP']))->toBe($claim);
})->with([
    // a fault in the technician's own words names no part
    'nothing found yet, or in words' => [[], null],
    'what was worked on, judged good then or not' => [['CAP'], Claim::Worked],
    'a wire' => [['HP', 'w3'], Claim::Worked],
    'what was judged good' => [['OFM'], Claim::JudgedGood],
    'something else' => [['HP'], Claim::Other],
]);
