<?php

declare(strict_types=1);

use Levin\Core\Operation\Run;
use Levin\Core\Parts\Kind;
use Levin\Core\Tests\Support\Rig;
use Levin\Core\Tests\Support\Unit;

// Rotors, overloads and delays in time. Times are common practice, no published source, unless one is named.

/** @return list<float> each time a part was first seen so, seconds */
function times(Run $run, string $part, string $seen): array
{
    return array_column(array_filter($run->happenings, fn ($h): bool => ($h->moved[$part]['to'] ?? '') === $seen), 'at');
}

/** Seconds from a trip until it closes again, each. */
function rests(Run $run, string $part): array
{
    $rests = [];
    foreach (times($run, $part, 'tripped on its overload') as $trip) {
        foreach ($run->happenings as $h) {
            if ($h->at > $trip && isset($h->moved[$part])) {
                $rests[] = $h->at - $trip;
                break;
            }
        }
    }

    return $rests;
}

it('hums and trips when its power comes back five seconds after it stopped, and starts when its pressures have come together', function (
    int $seconds,
    bool $starts,
): void {
    $on = 600 + $seconds;
    $run = Unit::cooling()->run(
        "until: 30 min\nevents: [{ at: 10 min, set: { disconnect: off } }, { at: $on s, set: { disconnect: on } }]\n",
    );
    expect($run->when('COMP', 'hums', 600.0) !== null)->toBe(! $starts)
        ->and($run->when('COMP', 'tripped on its overload', 600.0) !== null)->toBe(! $starts)
        // one way or the other it is running again in the end
        ->and($run->end->observed('COMP'))->toBe('runs');
})->with([[5, false], [30, false], [300, true]]);

it('waits its five minutes when the thermostat calls again at once: the pressures come together meanwhile', function (): void {
    $run = Unit::cooling()->run(
        "until: 30 min\nevents: [{ at: 10 min, set: { call_cool: off } }, { at: 605 s, set: { call_cool: on } }]\n",
    );
    expect($run->when('CC', 'pulled in', 600.0))->toEqualWithDelta(900, 1)
        ->and($run->when('COMP', 'hums', 600.0))->toBeNull()->and($run->end->observed('COMP'))->toBe('runs');
});

it('says of a unit that has no such delay that it has none', function (string $id): void {
    $text = (string) file_get_contents(dirname(Unit::COOLING)."/$id.yaml");
    expect($text)->toContain('No delay between stopping and starting');
})->with(['freezer-pump-down', 'two-circuit-fan-cycling']);

it('keeps a compressor off for five minutes by its board after a short loss of its call', function (): void {
    $run = Unit::shipped('heat-pump')->run(
        "until: 30 min\nevents: [{ at: 10 min, set: { call_compressor: off } }, { at: 610 s, set: { call_compressor: on } }]\n",
    );
    expect($run->when('COMP', 'starts', 600.0) - 600)->toBeGreaterThan(250)->toBeLessThan(320);
});

it('sags its supply while it starts: the larger the source\'s ohms, the longer and the deeper', function (): void {
    $circuit = Unit::cooling()->model()->circuit;
    $first = function (float $ohms) use ($circuit) {
        $starts = Unit::of($circuit->fitting($circuit->part('SUP')->withPlate(['source_ohms' => $ohms])))->run('until: 30 s')->starts();

        return array_column($starts, null, 'part')['COMP'];
    };
    [$stiff, $weak] = [$first(0.02), $first(0.15)];
    // locked amperes on a stiff supply, and the drop they make in the source (Ohm's law)
    expect($stiff->amps)->toEqualWithDelta(73, 4)
        ->and($weak->after - $weak->volts)->toBeGreaterThan($stiff->after - $stiff->volts)
        ->and($weak->volts)->toEqualWithDelta(240 - $weak->amps * 0.15 * 2, 12)
        ->and($weak->seconds)->toBeGreaterThan($stiff->seconds)->toBeLessThan(2)
        ->and($stiff->to)->toBe('runs');
});

it('goes hum, click, hum on a locked compressor: open in some ten seconds, back in about a minute, and so on', function (): void {
    $run = Unit::cooling()->run('until: 10 min', ['COMP:seized']);
    $trips = times($run, 'COMP', 'tripped on its overload');
    expect(count($trips))->toBeGreaterThan(4)->and($trips[0])->toBeGreaterThan(4)->toBeLessThan(20);
    foreach (array_slice(rests($run, 'COMP'), 0, 5) as $rest) {
        expect($rest)->toBeGreaterThan(20)->toBeLessThan(180);
    }
});

it('takes the better part of an hour when it was run hot for long, and minutes with water on its shell', function (): void {
    $text = str_replace(
        ['against: pressure_left', 'conditions:'],
        ['against: pressure_left, wetted_by: hose', "conditions:\n  hose: { label: Hose, default: false }"],
        (string) file_get_contents(Unit::COOLING),
    );
    $rest = function (string $events) use ($text): array {
        $run = Unit::fromText($text)->run("until: 8 h\n$events", ['COMP:dragging=0.55']);

        return [$run->when('COMP', 'tripped on its overload'), rests($run, 'COMP')[0] ?? NAN];
    };
    [$trip, $dry] = $rest('');
    $wetFrom = (int) $trip + 1;
    [, $wet] = $rest("events: [{ at: $wetFrom s, set: { hose: on } }]");
    expect($trip)->toBeGreaterThan(600)
        ->and($dry)->toBeGreaterThan(25 * 60)->toBeLessThan(100 * 60)
        ->and($wet)->toBeLessThan($dry / 3)->toBeGreaterThan(120);
});

it('trips a compressor that has worked for hours soon after its run capacitor opens, and it does not start again', function (): void {
    $run = Unit::cooling()->run("until: 4 h\nevents: [{ at: 3 h, fault: ['CAP:herm-open'] }]\n");
    $hums = $run->when('COMP', 'hums', 10_800.0);
    $trips = $run->when('COMP', 'tripped on its overload', 10_800.0);
    expect($run->when('COMP', 'tripped on its overload'))->toBe($trips)
        ->and(min($hums ?? INF, $trips ?? INF) - 10_800)->toBeLessThan(1200)
        ->and($run->end->observed('COMP'))->not->toBe('runs')
        ->and(array_filter($run->starts(), fn ($s): bool => $s->at > 10_800 && $s->part === 'COMP' && $s->to === 'runs'))->toBe([]);
});

it('stalls a fan or slows it to where its overload opens when its capacitor opens', function (): void {
    $run = Unit::cooling()->run("until: 3 h\nevents: [{ at: 1 h, fault: ['CAP:fan-open'] }]\n");
    $stops = min($run->when('OFM', 'tripped on its overload', 3600.0) ?? INF, $run->when('OFM', 'hums', 3600.0) ?? INF);
    expect($stops - 3600)->toBeLessThan(1800);
});

it('starts and runs every 240 V unit at the ends of what a utility may deliver (ANSI C84.1 range B, utilization 220 to 254 V, from '
    .'memory)', function (string $id, float $volts): void {
        $circuit = Unit::shipped($id)->model()->circuit;
        $unit = Unit::of($circuit->fitting($circuit->part('SUP')->withPlate(['volts' => $volts])));
        $rated = Unit::shipped($id)->run('until: 6 min');
        $run = $unit->run('until: 6 min');
        foreach (array_keys($unit->model()->parts) as $part) {
            expect($run->end->observed((string) $part))->toBe($rated->end->observed((string) $part), "$part at $volts V");
        }
        foreach ($run->starts() as $start) {
            expect($start->to)->toBe('runs', "$start->part at $volts V");
        }
        expect(array_filter(array_column($run->happenings, 'chattering')))->toBe([]);
    })->with(['split-cooling', 'air-handler-electric', 'heat-pump', 'freezer-pump-down'])->with([220.0, 254.0]);

it('has every motor of every unit up within seconds and none draw its locked current after', function (string $id): void {
    $unit = Unit::shipped($id);
    $end = $unit->run('until: 3 min')->end;
    $running = array_filter(
        $unit->model()->parts,
        static fn (Kind $kind): bool => array_key_exists('lra', $kind->part->plate) && $end->observed($kind->part->id) === 'runs',
    );
    expect($running)->not->toBe([]);
    foreach ($running as $part => $kind) {
        expect($end->currentOf((string) $part))->toBeLessThan(1.4 * $kind->part->number('fla'), "$part");
    }
})->with(array_diff(Unit::everyShipped(), ['air-handler-electric', 'air-handler-variable'])); // whose only motor is electronic

it('melts blade fuses within their standard (ISO 8820-3, from memory): 135 % in 0.75 to 600 s, 200 % in 0.15 to 5 s, 350 % in 0.08 to '
    .'0.5 s, 600 % within 0.1 s; and holds 110 %', function (float $times, float $least, float $most): void {
        $watts = 24 * 5 * $times;
        $unit = Rig::of(
            'supply-single-phase, volts: 24, source_ohms: 0.001',
            ['FU' => 'fuse, amps: 5, curve: fast, melts_at: 6', 'H' => "heater, volts: 24, watts: $watts"],
            [['SUP.L', 'FU.1'], ['FU.2', 'H.1'], ['H.2', 'SUP.N']],
        );
        $run = $unit->run('until: 1 h');
        $blown = ($run->happenings[0]->amps['H'] ?? 0) < 1 ? 0.0 : $run->when('FU', 'blown') ?? INF;
        expect($blown)->toBeGreaterThanOrEqual($least)->toBeLessThanOrEqual($most);
    })->with([[1.1, INF, INF], [1.36, 0.75, 600], [2.01, 0.15, 5], [3.52, 0.08, 0.5], [6.2, 0.0, 0.1]]);

it('opens a 60 A time-delay fuse at twice its rating within its standard (UL 248: six minutes, from memory)', function (): void {
    $unit = Rig::of(
        'supply-split-phase, volts: 240, source_ohms: 0.001',
        ['FU' => 'fuse, amps: 60', 'H' => 'heater, volts: 240, watts: 29000'],
        [['SUP.L1', 'FU.1'], ['FU.2', 'H.1'], ['H.2', 'SUP.L2']],
    );
    expect($unit->run('until: 1 h')->when('FU', 'blown'))->toBeGreaterThan(10)->toBeLessThan(360);
});
