<?php

declare(strict_types=1);

use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Record\BenchedReadings;
use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;
use Levin\Core\Record\PartHistory;
use Levin\Core\Tests\Support\Unit;

/**
 * What the bench makes of a reading, after these events.
 *
 * @param  array<string, mixed>  $reading
 * @param  list<string>  $lifted  wires
 * @return list<Event>
 */
function benched(array $reading, array $lifted = []): array
{
    $log = array_map(static fn (string $w): Event => new Event("lift $w", EventType::Lead, ['wire' => $w, 'lifted' => true]), $lifted);

    return (new BenchedReadings(Unit::cooling()->model()))->of([...$log, new Event('r', EventType::Reading, $reading, 12.0)]);
}

/** @return array<string, mixed> */
function mfd(string $red, string $black, ?float $farads): array
{
    return ['function' => 'mfd', 'red' => $red, 'black' => $black, 'value' => $farads];
}

it('judges a capacitor that is off the circuit as the bench does, by its own plate', function (?float $farads, Verdict $is): void {
    // HERM is marked 40 µF in the circuit file; ±6 % is usual in North America (from memory)
    [$judged] = benched(mfd('CAP.HERM', 'CAP.C', $farads), ['w12']);
    expect($judged->id)->toBe('r')->and($judged->at)->toBe(12.0)->and($judged->text('part'))->toBe('CAP')
        ->and($judged->text('verdict'))->toBe($is->value)->and($judged->text('check'))->toBe('capacitor');
})->with([[39.8e-6, Verdict::Good], [36.1e-6, Verdict::Bad], [null, Verdict::Bad], [4.0e-6, Verdict::CannotSay]]);

it('does not judge what still hangs on the circuit, or lies between other points', function (array $reading, array $lifted): void {
    expect(benched($reading, $lifted))->toBe([]);
})->with([
    'wires on' => [mfd('CAP.HERM', 'CAP.C', 36.1e-6), []], 'another wire off' => [mfd('CAP.HERM', 'CAP.C', 36.1e-6), ['w15']],
    'two sections in a row' => [mfd('CAP.HERM', 'CAP.FAN', 4.4e-6), ['w12', 'w15']],
    'between parts' => [mfd('CAP.HERM', 'COMP.S', 4.4e-6), ['w12']],
    'volts' => [['function' => 'vac', 'red' => 'CAP.HERM', 'black' => 'CAP.C'], ['w12']],
]);

it('judges the insulation of a compressor whose leads are all off', function (): void {
    $circuit = Unit::cooling()->model()->circuit;
    $reading = ['function' => 'megohms', 'red' => 'COMP.C', 'black' => $circuit->part('COMP')->case, 'value' => 30e6];
    $leads = [];
    foreach ($circuit->part('COMP')->terminals as $terminal) {
        array_push($leads, ...array_map(static fn ($wire): string => $wire->id, $circuit->wiresAt("COMP.$terminal")));
    }
    [$judged] = benched($reading, $leads);
    // bands of hermetic compressors: common practice, no published source
    expect($judged->text('check'))->toBe('insulation')->and($judged->text('verdict'))->toBe('watch')
        ->and(benched($reading, array_slice($leads, 1)))->toBe([])
        ->and(benched([...$reading, 'red' => $circuit->part('COMP')->case, 'black' => 'COMP.C'], $leads))->toHaveCount(1)
        ->and(benched([...$reading, 'red' => 'OFM.C'], $leads))->toBe([]);
});

it('puts together what was judged of each part by each check, the oldest first, what was judged last on top', function (): void {
    $judged = static fn (string $id, string $part, float $value, float $at, string $check = 'insulation'): Event => new Event(
        $id,
        EventType::Judged,
        ['part' => $part, 'label' => "the $part", 'check' => $check, 'verdict' => 'good', 'figures' => [
            ['label' => 'at 40 °C', 'dimension' => 'insulation', 'value' => $value],
        ]],
        $at,
    );
    $histories = PartHistory::of([
        $judged('b', 'COMP', 50e6, 20.0), $judged('a', 'COMP', 120e6, 10.0), $judged('d', 'COMP', 1.0, 15.0, 'no such check'),
        $judged('c', 'OFM', 90e6, 30.0), new Event('n', EventType::Note, ['text' => 'bees'], 5.0),
    ]);
    expect(array_map(static fn (PartHistory $h): string => "$h->label $h->check", $histories))
        ->toBe(['the OFM insulation', 'the COMP insulation', 'the COMP no such check'])
        ->and(array_map(static fn ($then): string => $then->event, $histories[1]->judged))->toBe(['a', 'b'])
        ->and($histories[1]->trend()?->verdict)->toBe(Verdict::Watch)->and($histories[0]->trend())->toBeNull()
        ->and($histories[2]->trend())->toBeNull();
    $struck = PartHistory::of([
        $judged('a', 'COMP', 120e6, 10.0), $judged('b', 'COMP', 50e6, 20.0),
        new Event('s', EventType::Strike, ['event' => 'b', 'reason' => 'wrong lead'], 21.0),
    ]);
    expect($struck[0]->judged[1]->struck)->toBe('wrong lead')->and($struck[0]->trend())->toBeNull();
});
