<?php

declare(strict_types=1);

use Levin\Core\Drafting\Quick\CannotTrace;
use Levin\Core\Drafting\Quick\QuickTrace;
use Levin\Core\Drafting\Quick\Rung;
use Levin\Core\Drafting\Quick\Vocabulary;
use Levin\Core\Drafting\Review;
use Levin\Core\Parts\Catalogue;
use Levin\Core\Tests\Support\Unit;

/** @return list<string> each thing on a rung: letters, kind */
function onRung(string $words): array
{
    $rung = Rung::said($words);

    return array_map(static fn ($p): string => "$p->id $p->kind", [...$rung->series, $rung->load]);
}

it('reads a rung in letters, in words and in both', function (): void {
    $string = ['TST thermostat', 'HP pressure-switch', 'LP pressure-switch', 'CC coil'];
    expect(onRung('R TST HP LP CC C'))->toBe($string)
        ->and(onRung('thermostat, high pressure, low pressure, contactor coil'))->toBe($string)
        ->and(onRung("Thermostat\nHPS\nlow pressure switch\ncontactor"))->toBe(
            ['TST thermostat', 'HPS pressure-switch', 'LP pressure-switch', 'CC coil'],
        )
        ->and(onRung('R → TST → HP1 → HP2 → CC'))->toBe(['TST thermostat', 'HP1 pressure-switch', 'HP2 pressure-switch', 'CC coil'])
        // a contactor on the way is its contact, at the end its coil; what nobody knows is a contact to look at
        ->and(onRung('L1 CC OFM L2'))->toBe(['CC dry-contact', 'OFM motor-psc'])
        ->and(onRung('R XJ7 GV C'))->toBe(['XJ7 dry-contact', 'GV gas-valve'])
        // two of a name are told apart
        ->and(onRung('limit, limit, gas valve'))->toBe(['LIM limit', 'LIM2 limit', 'GV gas-valve']);
});

it('takes colours between things as the wires\', and a call\'s letter as the unit\'s terminal', function (): void {
    $draft = QuickTrace::draft('rung-1', 'R red TST white W brown LIM GV blue C', 24, 120);
    $wires = array_map(static fn (array $w): string => "{$w['from']} {$w['colour']} {$w['to']}", array_slice($draft->wires(), -5));
    expect(array_values($wires))->toBe([
        'TB.R red TST.R', 'TST.W yellow TB.W', 'TB.W brown LIM.1', 'LIM.2 brown GV.1', 'GV.2 blue TB.C',
    ])->and($draft->part('TST')['plate'])->toBe(['w_called_by' => 'call']);
});

it('says what is missing of a rung', function (string $words, string $says): void {
    expect(fn () => QuickTrace::draft('rung-1', $words, 24, 240))->toThrow(CannotTrace::class, $says);
})->with([
    'nothing' => ['', 'nothing on this rung'],
    'ends only' => ['R C', 'nothing on this rung'],
    'no load' => ['R TST HP C', 'ends on High-pressure switch'],
]);

it('takes only volts that there are', function (): void {
    QuickTrace::draft('rung-1', 'R CC C', 33, 240);
})->throws(CannotTrace::class, '33 V');

it('makes a sound circuit of every load the trade has words for, on every voltage it is found on', function (float $volts): void {
    foreach (Vocabulary::terms() as $term) {
        $isMotor = str_starts_with($term->load, 'motor') || str_starts_with($term->load, 'compressor');
        // windings on 24 V, and small ones with a capacitor on 480, are not found
        if ($term->load === '' || ($isMotor && ($volts < 100 || $volts > 300)) || ($term->load === 'igniter-hot-surface' && $volts > 240)) {
            continue;
        }
        $hot = $volts === 24.0 ? 'R' : 'L1';
        $back = $volts === 24.0 ? 'C' : 'L2';
        $review = Review::of(QuickTrace::draft('rung-1', "$hot LIM {$term->letter()} $back", $volts, 240));
        $bars = array_filter($review->wrong, static fn ($w): bool => $w->bars || preg_match('/made for|hums/', $w->what) === 1);
        expect(array_map(strval(...), $bars))->toBe([], "$term->label on $volts V");
    }
    expect(Catalogue::definition('coil'))->not->toBeNull();
})->with([24.0, 120.0, 208.0, 240.0, 480.0]);

it('says what a meter reads along the rung: the source across an open switch, nothing across a closed one', function (): void {
    // an open switch in series has source voltage across it: common practice, no published source
    $unit = Unit::fromText(QuickTrace::draft('rung-1', 'R TST HP LP CC C', 24, 240)->text());
    $volts = static fn (string $a, string $b, string ...$faults): float => $unit->volts($a, $b, $unit->with(...$faults));
    expect($volts('CC.A', 'CC.B'))->toBeBetween(23.0, 28.0)
        ->and($volts('LP.1', 'LP.2'))->toBeLessThan(0.2)
        ->and($volts('LP.1', 'LP.2', 'LP:open'))->toBeBetween(23.0, 28.0)
        ->and($volts('CC.A', 'CC.B', 'LP:open'))->toBeLessThan(0.5);
});
