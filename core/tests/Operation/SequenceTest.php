<?php

use Levin\Core\Operation\Sequence;
use Levin\Core\Operation\SequenceStep;
use Levin\Core\Tests\Support\Unit;

// The normal sequences of the trade, common practice, no published source: cooling pulls in at once, gas heat goes draft – glow – gas –
// blower, electric heat is staged, a heat pump waits its five minutes.

/** @return list<string> part and what it does, in order */
function sequenceOf(string $circuit): array
{
    $unit = Unit::shipped($circuit);

    return array_map(static fn (SequenceStep $s): string => "$s->part $s->does", Sequence::of($unit->settler));
}

it('goes the way that such a unit goes', function (string $circuit, array $inOrder): void {
    $steps = sequenceOf($circuit);
    $found = array_map(static fn (string $step): int|false => array_search($step, $steps, true), $inOrder);
    expect($found)->not->toContain(false);
    $sorted = $found;
    sort($sorted);
    expect($found)->toBe($sorted);
})->with([
    ['split-cooling', ['CC pulled in', 'COMP runs', 'OFM runs']],
    ['gas-furnace', ['IND runs', 'HSI glows', 'GV open', 'IBM runs']],
    ['air-handler-electric', ['IBM runs', 'HE1 hot', 'HE2 hot']],
    ['heat-pump', ['IBM runs', 'CC pulled in', 'COMP runs']],
]);

it('leaves out what is over in a moment, and has its times', function (): void {
    expect(sequenceOf('split-cooling'))->not->toContain('OFM hums');
    $steps = array_column(Sequence::of(Unit::shipped('heat-pump')->settler), 'at', 'part');
    expect($steps['COMP'])->toBeGreaterThan(299.0)->toBeLessThan(310.0);
});

it('is known of every shipped circuit', function (string $circuit): void {
    expect(sequenceOf($circuit))->not->toBe([]);
})->with(array_map(static fn (string $path): string => basename($path, '.yaml'), glob(__DIR__.'/../../../circuits/*.yaml') ?: []));
