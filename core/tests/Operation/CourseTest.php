<?php

declare(strict_types=1);

use Levin\Core\Circuit\UnknownName;
use Levin\Core\Tests\Support\Rig;
use Levin\Core\Tests\Support\Unit;

// What someone does to a unit while it runs, and what time does.

it('follows leads lifted and landed, fuses pulled and put back', function (): void {
    $run = Unit::cooling()->run(
        <<<'YAML'
            until: 60 s
            events:
              - { at: 10 s, lift: [w24] }
              - { at: 20 s, land: [w24] }
              - { at: 30 s, remove: [FU1] }
              - { at: 40 s, restore: [FU1] }
            YAML,
    );
    expect($run->when('CC', 'dropped out'))->toEqualWithDelta(10, 0.01)
        ->and($run->when('CC', 'pulled in', 11))->toEqualWithDelta(20, 0.01)
        ->and($run->when('COMP', 'silent', 25) ?? $run->when('COMP', 'hums', 25))->toEqualWithDelta(30, 0.01)
        ->and($run->when('COMP', 'hums', 31))->toEqualWithDelta(40, 0.01)
        ->and($run->finished)->toBeTrue()
        ->and(array_merge(...array_map(fn ($h): array => $h->done, $run->happenings)))->toBe(
            ['lift w24', 'land w24', 'remove FU1', 'restore FU1'],
        );
});

it('reaches a quantity after the time its lag says, and the switch with it', function (): void {
    // from 2600 towards 5800 with a lag of 90 s: 4200 after 90·ln(3200/1600)
    $run = Unit::cooling()->run('until: 3 min', ['OFM:seized']);
    expect($run->when('HP', 'open'))->toEqualWithDelta(($run->when('COMP', 'runs') ?? NAN) + 90 * log(2), 0.2);
});

it('keeps an overload warm: the second trip comes sooner than the first', function (): void {
    $run = Unit::cooling()->run('until: 2 h', ['COMP:seized']);
    $first = $run->when('COMP', 'tripped on its overload') ?? NAN;
    $back = $run->when('COMP', 'hums', $first + 1) ?? NAN;
    $second = ($run->when('COMP', 'tripped on its overload', $back) ?? NAN) - $back;
    expect($second)->toBeLessThan(0.9 * $first)->toBeGreaterThan(1);
});

it('keeps a timer that stands without power, and its place on the dial', function (): void {
    $unit = Unit::shipped('freezer-pump-down');
    $run = $unit->run("until: 8 h\nevents: [{ at: 2 h, set: { box_breaker: off } }, { at: 3 h, set: { box_breaker: on } }]\n");
    expect($run->when('DT', 'defrosting'))->toEqualWithDelta(7 * 3600, 1);
});

it('says when a relay that breaks its own coil chatters, with the beat of its armature', function (): void {
    $unit = Rig::of(
        'supply-single-phase, volts: 26, source_ohms: 0.01',
        ['K' => 'relay-spdt, coil_volts: 24, coil_ohms: 15, sealed_va: 6, inrush_va: 14'],
        [['SUP.L', 'K.C'], ['K.NC', 'K.A'], ['K.B', 'SUP.N']],
    );
    $settled = $unit->with();
    expect($settled->chattering)->toBe(['K'])->and($settled->chatterPeriod)->toBeGreaterThan(0.01)->toBeLessThan(0.1)
        ->and($unit->run('until: 1 s')->happenings[0]->chattering)->toBe(['K']);
});

it('names what a script asks for and the unit does not have', function (string $event): void {
    expect(fn () => Unit::cooling()->run("until: 10 s\nevents: [{ at: 1 s, $event }]\n"))->toThrow(UnknownName::class);
})->with(["fault: ['HP:opne']", 'lift: [w999]', 'remove: [FU9]', 'reset: [FU9]', 'set: { call_cooling: on }']);

it('does the same twice, and the same whatever is asked in between', function (): void {
    $unit = Unit::shipped('gas-furnace');
    $one = $unit->run('until: 10 min', ['FS:dirty']);
    $unit->with('IND:seized');
    $other = $unit->run('until: 10 min', ['FS:dirty']);
    expect(array_map(fn ($h): array => [$h->at, $h->moved], $other->happenings))->toBe(
        array_map(fn ($h): array => [$h->at, $h->moved], $one->happenings),
    );
});

it('does not pass over a jumper put on in the middle of a run', function (): void {
    $start = Unit::cooling()->run("until: 5 s\nstart: { call_cool: off, jumper: TST.R~TST.Y }\n");
    expect($start->end->observed('COMP'))->toBe('runs')
        ->and(fn () => Unit::cooling()->run("until: 5 s\nevents: [{ at: 1 s, set: { jumper: TST.R~TST.Y } }]\n"))->toThrow(
            DomainException::class,
            'from the start of a run',
        );
});

it('starts a timer anew in a board that has moved, even when both steps lead to the same one', function (): void {
    $unit = Unit::fromText(<<<'YAML'
        levin: 1
        id: two-ways
        title: Two ways
        family: bench
        supply: bench
        frequency: 60
        earth: SUP.G
        places: { bench: { label: bench, minutes: 0 } }
        parts:
          SUP: { kind: supply-single-phase, label: Supply, place: bench, plate: { volts: 24 } }
          SW: { kind: dry-contact, label: Call, place: bench, plate: { called_by: call } }
          B:
            kind: board
            label: Board
            place: bench
            terminals: [R, C, Y]
            program:
              power: { from: R, to: C, above: 18 }
              inputs: { call: { from: Y, to: C, above: 16 } }
              outputs: {}
              steps:
                first: { go: [{ to: second, when: [call] }, { to: done, after: 10 }] }
                second: { go: [{ to: done, after: 10 }] }
                done: { go: [] }
        wires:
          a: { from: SUP.L, to: B.R, colour: red, gauge: 18, length: 1 }
          b: { from: SUP.N, to: B.C, colour: blue, gauge: 18, length: 1 }
          c: { from: SUP.L, to: SW.1, colour: red, gauge: 18, length: 1 }
          d: { from: SW.2, to: B.Y, colour: yellow, gauge: 18, length: 1 }
        conditions: { call: { label: Call, default: false } }
        ladder: [{ title: Control, rails: [SUP.L, SUP.N] }]
        YAML);
    $alone = $unit->run('until: 30 s');
    $moved = $unit->run("until: 30 s\nevents: [{ at: 6 s, set: { call: on } }]");
    expect($alone->when('B', 'done'))->toEqualWithDelta(10.0, 1e-6)->and($moved->when('B', 'done'))->toEqualWithDelta(16.0, 1e-6);
});
