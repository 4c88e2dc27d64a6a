<?php

declare(strict_types=1);

use Levin\Core\Checks\Slips\Slips;
use Levin\Core\Checks\Slips\Wrong;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edits;
use Levin\Core\Operation\Model;
use Levin\Core\Tests\Support\Unit;

/**
 * What is wrong with a shipped circuit after some slips.
 *
 * @return list<string>
 */
function slipsIn(string $id, string ...$edits): array
{
    $draft = Draft::of((string) file_get_contents(__DIR__."/../../../circuits/$id.yaml"));
    foreach ($edits as $line) {
        $draft = Edits::said($line)->on($draft);
    }

    return array_map(static fn (Wrong $w): string => "$w->on: $w->what", Slips::in(new Model($draft->circuit())));
}

it('finds nothing wrong with any shipped circuit', function (string $id): void {
    expect(Slips::in(Unit::shipped($id)->model()))->toBe([]);
})->with(fn (): array => Unit::everyShipped());

// facts of the trade: common practice, no published source
it('finds a load with no way back', function (): void {
    // the contactor's common landed on a terminal of its own
    $wrong = slipsIn('split-cooling', 'pin LV X', 'reland w25 LV.C LV.X');
    expect($wrong)->toContain('CC: There is no way back for its current.')->toContain('w25: It leads to LV.X and no further.')
        ->and(slipsIn('split-cooling', 'reland w25 LV.C CC.A'))->toContain('CC: Both its ends are on one wire: nothing flows.');
});

it('finds two loads in series', function (): void {
    // a second coil put into the first one's string
    expect(slipsIn('split-cooling', 'insert w24 K2 coil "Second coil"'))->toContain(
        'CC: It lies in series with Second coil K2: neither gets the volts it is made for.',
    );
});

it('finds a coil on the wrong volts, and a heater', function (): void {
    expect(slipsIn('split-cooling', 'plate CC coil_volts 240', 'plate CC coil_ohms 1200'))
        ->toContain('CC: It is made for 240 V and gets 27 V.')
        ->and(implode(' ', slipsIn('split-cooling', 'plate CCH volts 120')))->toMatch('/CCH: It is made for 120 V and gets 2[34]\d V/')
        // 208 V on a plate of 240 V is usual
        ->and(implode(' ', slipsIn('split-cooling', 'plate SUP volts 208')))->not->toContain('CCH: It is made for');
});

it('finds hot to common without a load: what blows, and what burns because nothing blows', function (): void {
    expect(implode(' ', slipsIn('split-cooling', 'wire HP.1 LV.C black')))->toContain('FU3: It opens with nothing wrong')
        ->and(implode(' ', slipsIn('split-cooling', 'wire CB1.L1 CB1.L2 black 6')))->toContain('and nothing opens: a short');
});

it('finds a transformer whose loads have no fuse before them', function (): void {
    expect(slipsIn('split-cooling', 'remove FU3'))->toBe(['T1: Its loads have no fuse before them: a short on that side burns it out.']);
});

it('finds a fuse larger than its loads allow', function (): void {
    // 14.1 × 2.25 + 1.1 = 32.8 A, next standard size down 30 A: NEC 440.22, 240.6(A), from memory
    expect(slipsIn('split-cooling', 'plate CB1 amps 60', 'plate FU1 amps 60', 'plate FU2 amps 60'))->toHaveCount(3)
        ->and(slipsIn('split-cooling', 'plate CB1 amps 60')[0])->toContain('CB1: 60 A is more than the 30 A');
});

it('finds what hums or buzzes with nothing wrong', function (): void {
    expect(implode(' ', slipsIn('split-cooling', 'plate T1 primary_volts 480', 'plate T1 primary_ohms 190')))->toContain('nothing wrong');
});
