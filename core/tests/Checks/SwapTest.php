<?php

use Levin\Core\Checks\Bench\BadGiven;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Checks\Replacement\Swap;
use Levin\Core\Parts\Catalogue;
use Levin\Core\Tests\Support\Unit;

// What must match of a replacement: common practice, no published source. Capacitance adds nothing here: the plate decides.

function swapIn(string $circuit, string $part): Swap
{
    $model = Unit::shipped($circuit)->model();

    return Swap::of($model->parts[$part], $model->circuit) ?? throw new LogicException("$part is compared by no check.");
}

/** @return array<string, string> what its plate says, by what must match */
function plateSays(string $circuit, string $part): array
{
    return array_filter(array_column(array_map(
        static fn ($row): array => ['name' => $row->name, 'was' => $row->was],
        swapIn($circuit, $part)->rows(),
    ), 'was', 'name'));
}

it('says from the plate what a new part must match', function (string $circuit, string $part, array $was): void {
    expect(plateSays($circuit, $part))->toBe($was);
})->with([
    'a dual capacitor' => ['split-cooling', 'CAP', ['farads' => '40 µF', 'second' => '5 µF', 'volts' => '440 V']],
    'a fan motor' => ['split-cooling', 'OFM', ['volts' => '240 V', 'speed' => '1075 r/min', 'capacitor' => '5 µF', 'amps' => '1.1 A']],
    'a contactor' => ['split-cooling', 'CC', ['coil' => '24 V']],
    'a transformer' => ['split-cooling', 'T1', ['primary' => '240 V', 'va' => '40 VA']],
    'a fuse' => ['split-cooling', 'FU1', ['amps' => '30 A', 'speed' => 'time delay']],
    'a pressure switch, in the unit of what it senses' => ['split-cooling', 'HP', [
        'opens' => '4200 kPa', 'closes' => '3100 kPa', 'reset' => 'automatic',
    ]],
]);

it('leaves to its maker\'s number what no check compares', function (): void {
    $model = Unit::shipped('gas-furnace')->model();
    $boards = array_filter($model->parts, static fn ($kind): bool => $kind->part->kind === 'board');
    expect($boards)->not->toBe([])->and(Swap::of(array_values($boards)[0], $model->circuit))->toBeNull();
});

it('says every mismatch with what comes of it, and leaves the choice', function (array $is, Verdict $verdict, array $differs): void {
    $swap = swapIn('split-cooling', 'OFM');
    expect($swap->judge($is)->verdict)->toBe($verdict)->and($swap->differs($is))->toBe($differs);
})->with([
    'the same' => [['volts' => '240', 'speed' => '1075', 'capacitor' => '5', 'amps' => '1.1'], Verdict::Good, []],
    // 1075 for 1100 is within five in a hundred
    'about its speed' => [['speed' => '1100 rpm'], Verdict::Good, []],
    'another capacitor' => [['capacitor' => '7.5'], Verdict::Watch, [
        'Another capacitor: the new motor\'s label decides, not the old can.',
    ]],
    'for a three-phase rooftop' => [['volts' => '460', 'capacitor' => '7.5'], Verdict::Bad, [
        'Another voltage: it burns, or does not come up.', 'Another capacitor: the new motor\'s label decides, not the old can.',
    ]],
    'nothing of it known' => [[], Verdict::CannotSay, []],
]);

it('says what the circuit has on its plate from then on, in the unit of the file', function (): void {
    expect(swapIn('split-cooling', 'OFM')->plate(['speed' => '1100 rpm', 'amps' => '1300 mA', 'frame' => '48']))
        ->toBe(['rpm' => 1100.0, 'fla' => 1.3])
        ->and(swapIn('split-cooling', 'CAP')->plate(['farads' => '45', 'volts' => '370']))->toBe(['herm_uf' => 45.0, 'volts' => 370.0])
        ->and(swapIn('split-cooling', 'FU1')->plate(['speed' => 'fast']))->toBe(['curve' => 'fast'])
        ->and(swapIn('split-cooling', 'HP')->plate(['opens' => '4.2 MPa', 'reset' => 'manual']))
        ->toBe(['opens_at' => 4200.0, 'reset' => 'manual']);
});

it('refuses what cannot be on such a plate, and what is no amount', function (array $is, string $message): void {
    expect(fn () => swapIn('split-cooling', 'CAP')->plate($is))->toThrow(BadGiven::class, $message);
})->with([
    [['farads' => '900'], 'must be from 1 to 200 µF'],
    [['farads' => 'forty'], 'capacitance, is'],
    [['colour' => 'red'], 'There is no "new_colour"'],
]);

it('has a check for kinds that there are, by fields that they have', function (): void {
    foreach (Levin\Core\Checks\Bench\PartChecks::all() as $check) {
        if (! $check instanceof Levin\Core\Checks\Replacement\MatchCheck) {
            continue;
        }
        foreach ($check->kinds() as $kind) {
            $fields = array_column(Catalogue::definition($kind)->fields ?? [], 'name');
            $named = array_merge(...array_values($check->plated()));
            expect(array_intersect($named, $fields))->not->toBe([], "$kind has nothing of what must match");
        }
        $compared = array_map(static fn ($c): string => $c->name, $check->comparisons());
        expect(array_diff(array_keys($check->plated()), $compared))->toBe([]);
    }
});
