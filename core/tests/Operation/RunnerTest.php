<?php

declare(strict_types=1);

use Levin\Core\Operation\Happening;
use Levin\Core\Operation\Run;
use Levin\Core\Tests\Support\Unit;

// A run on a bench small enough to know every moment of it: a board that switches a load on for 4 s and off for 6 s while it is called.

function cyclingBench(): Unit
{
    static $unit;

    return $unit ??= Unit::fromText(<<<'YAML'
        levin: 1
        id: cycling
        title: Cycling
        family: bench
        supply: bench
        frequency: 60
        earth: SUP.G
        places: { bench: { label: bench, minutes: 0 } }
        parts:
          SUP: { kind: supply-single-phase, label: Supply, place: bench, plate: { volts: 24 } }
          FU: { kind: fuse, label: Fuse, place: bench, plate: { amps: 20 } }
          SW: { kind: dry-contact, label: Call, place: bench, plate: { called_by: call } }
          B:
            kind: board
            label: Board
            place: bench
            terminals: [R, C, Y, OUT]
            program:
              power: { from: R, to: C, above: 18 }
              inputs: { call: { from: Y, to: C, above: 16 } }
              outputs: { load: { from: R, to: OUT } }
              steps:
                resting: { lamp: steady, go: [{ to: working, when: [call], after: 6 }] }
                working: { lamp: flashing, 'on': [load], go: [{ to: resting, after: 4 }] }
          H: { kind: heater, label: Load, place: bench, plate: { volts: 24, watts: 240 } }
        wires:
          a: { from: SUP.L, to: FU.1, colour: red, gauge: 18, length: 1 }
          b: { from: FU.2, to: B.R, colour: red, gauge: 18, length: 1 }
          c: { from: SUP.N, to: B.C, colour: blue, gauge: 18, length: 1 }
          d: { from: FU.2, to: SW.1, colour: red, gauge: 18, length: 1 }
          e: { from: SW.2, to: B.Y, colour: yellow, gauge: 18, length: 1 }
          f: { from: B.OUT, to: H.1, colour: white, gauge: 18, length: 1 }
          g: { from: H.2, to: SUP.N, colour: blue, gauge: 18, length: 1 }
        conditions: { call: { label: Call, default: true } }
        ladder: [{ title: Control, rails: [SUP.L, SUP.N] }]
        YAML);
}

/** @return list<float> when the load became hot */
function hotAt(Run $run): array
{
    return array_values(array_map(
        static fn (Happening $h): float => round($h->at, 6),
        array_filter($run->happenings, static fn (Happening $h): bool => ($h->moved['H']['to'] ?? '') === 'hot'),
    ));
}

it('tells each moment at which something is seen to move, from what to what, and what the load took', function (): void {
    $run = cyclingBench()->run('until: 25 s');
    $moments = array_map(static fn (Happening $h): float => round($h->at, 6), $run->happenings);
    expect($moments)->toBe([0.0, 6.0, 10.0, 16.0, 20.0])
        ->and($run->happenings[0])->moved->toBe([])->done->toBe([])
        ->and($run->happenings[1]->moved['H'])->toBe(['from' => 'cold', 'to' => 'hot'])
        ->and($run->happenings[2]->moved['H'])->toBe(['from' => 'hot', 'to' => 'cold'])
        ->and($run->happenings[0]->amps['H'])->toBeLessThan(0.001)
        // 240 W at 24 V, less what its leads drop
        ->and($run->happenings[1]->amps['H'])->toEqualWithDelta(9.6, 0.4)
        ->and(array_keys($run->happenings[1]->amps))->toContain('H')->not->toContain('SW')
        ->and($run->finished)->toBeTrue();
});

it('finds that it goes round, and how long a round takes, when the same has come three times', function (): void {
    $unit = cyclingBench();
    expect($unit->run('until: 25 s')->period)->toBeNull()
        ->and($unit->run('until: 27 s')->period)->toEqualWithDelta(10.0, 1e-6)
        // called away for a while in between, the last two rounds are not alike
        ->and($unit->run("until: 45 s\nevents: [{ at: 21 s, set: { call: off } }, { at: 33 s, set: { call: on } }]")->period)->toBeNull();
});

it('does what the script says when it says, in its order, and tells it in its words', function (): void {
    $run = cyclingBench()->run(<<<'YAML'
        until: 30 s
        events:
          - { at: 7 s, lift: [f] }
          - { at: 8 s, land: [f] }
          - { at: 17 s, remove: [FU] }
          - { at: 17 s, set: { call: off } }
          - { at: 18 s, restore: [FU] }
        YAML);
    $done = [];
    foreach ($run->happenings as $happening) {
        if ($happening->done !== []) {
            $done[(string) round($happening->at, 6)] = $happening->done;
        }
    }
    expect($done)->toBe(['7' => ['lift f'], '8' => ['land f'], '17' => ['remove FU', 'call=off'], '18' => ['restore FU']])
        ->and($run->when('H', 'cold', 6.5))->toEqualWithDelta(7, 1e-6)
        ->and($run->when('H', 'hot', 7.5))->toEqualWithDelta(8, 1e-6)
        ->and($run->when('H', 'cold', 16.5))->toEqualWithDelta(17, 1e-6)
        ->and($run->when('H', 'hot', 17.5))->toBeNull()
        ->and($run->end->conditions->isOn('call'))->toBeFalse();
});

it('lets faults come and go, and a fuse be replaced', function (): void {
    $run = cyclingBench()->run(<<<'YAML'
        until: 40 s
        events:
          - { at: 1 s, fault: ['FU:blown'] }
          - { at: 12 s, mend: ['FU:blown'] }
          - { at: 20 s, fault: ['H:open'] }
        YAML, ['SW:open']);
    expect(hotAt($run))->toBe([])
        ->and($run->happenings[1]->done)->toBe(['fault FU:blown'])
        ->and($run->end->faults->targets())->toContain('SW', 'H')->not->toContain('FU');
});

it('has an intermittent come by its chance: always, hardly ever, or now and then, and only while its clauses hold', function (): void {
    $unit = cyclingBench();
    $with = fn (string $rest): array => hotAt($unit->run("until: 41 s\nintermittent: [{ fault: 'f:open', $rest }]"));
    $healthy = [6.0, 16.0, 26.0, 36.0];
    expect($with('chance: 1, every: 5 s'))->toBe([])
        ->and($with('chance: 1'))->toBe([])
        ->and($with('chance: 0.000001, every: 5 s'))->toBe($healthy)
        ->and($with('chance: 1, when: [not call]'))->toBe($healthy)
        ->and($with('chance: 1, when: [call]'))->toBe([])
        ->and($with('chance: 0.5, every: 1 s, seed: 3'))->not->toBe($healthy)->not->toBe([]);
});

it('takes settings and faults besides the script, and says where the quantities stand', function (): void {
    $unit = cyclingBench();
    expect(hotAt($unit->run('until: 25 s', [], ['call=off'])))->toBe([])
        ->and(hotAt($unit->run('until: 25 s', ['e:open'])))->toBe([])
        ->and(hotAt($unit->run("until: 25 s\nstart: { call: off }\nfaults: ['a:open']")))->toBe([])
        ->and($unit->run('until: 1 s')->happenings[0]->quantities)->toBe([])
        ->and(array_keys(Unit::cooling()->run('until: 1 s')->happenings[0]->quantities))->not->toBe([]);
});
