<?php

declare(strict_types=1);

use Levin\Core\Diagnosis\Assessment;
use Levin\Core\Diagnosis\PartShare;
use Levin\Core\Meter\Clamped;
use Levin\Core\Meter\Meter;
use Levin\Core\Parts\Sign;
use Levin\Core\Record\CallEvents;
use Levin\Core\Record\Standing;
use Levin\Core\Tests\Support\Unit;
use Levin\Core\Trial\Dice;
use Levin\Core\Trial\HiddenUnit;
use Levin\Core\Trial\Luck;

// Evidence besides volts, ohms and microfarads, as it stands in a call file.

/** What a list of events in YAML comes to. */
function weighed(string $circuit, string $events): Assessment
{
    $unit = Unit::shipped($circuit);
    $standing = Standing::after($unit->model()->circuit, CallEvents::fromText("events:\n$events", $unit->model()));

    return $unit->investigation()->assess($standing->allEvidence(), $standing->standpoint());
}

/** How probable an assessment holds some faults to be, together. */
function probability(Assessment $of, string ...$faults): float
{
    return array_sum(array_map(
        fn ($g): float => array_intersect($g->faults, $faults) === [] ? 0.0 : $g->probability,
        $of->groups,
    ));
}

it('tells a motor that is held from one that gets nothing by its amperes', function (): void {
    // a motor that is held takes its locked-rotor current, one with an open winding none (common practice, no published source)
    $unit = Unit::cooling();
    $amps = fn (string $fault): float => (float) (new Meter($unit->settler))->clamp([new Clamped('w34')], $unit->with($fault))->value;
    expect($amps('IBM:seized'))->toBeGreaterThan(2 * $amps('CC:coil-open'));
    $of = fn (float $shown): float => probability(weighed(
        'split-cooling',
        "  - observation: { part: IBM, seen: hums }\n".sprintf("  - reading: { function: amps, red: w34, entered: \"%.2f\" }\n", $shown),
    ), 'IBM:seized');
    expect($of($amps('IBM:seized')))->toBeGreaterThan(0.3)->toBeGreaterThan(2 * $of(0.0));
});

it('divides what a wound clamp shows by its turns', function (): void {
    $of = fn (string $turns, string $entered): float => probability(weighed(
        'split-cooling',
        "  - observation: { part: CC, seen: dropped out }\n  - reading: { function: amps, red: w24, $turns entered: \"$entered\" }\n",
    ), 'CC:stuck-open');
    $unit = Unit::cooling();
    $coil = (float) (new Meter($unit->settler))->clamp([new Clamped('w24')], $unit->with('CC:stuck-open'))->exact;
    expect($of('', sprintf('%.2f', $coil)))->toEqualWithDelta($of('turns: 10,', sprintf('%.2f', 10 * $coil)), 0.2)
        ->and($of('turns: 10,', sprintf('%.2f', 10 * $coil)))->toBeGreaterThan(0.2)
        ->and($of('turns: 10,', '0.00'))->toBeLessThan(0.05);
});

it('puts a ghost down with a low impedance: what stays is fed', function (): void {
    // a conductor that hangs by stray capacitance reads on ten megohms and nothing on three kilohms (common practice, no published source)
    $unit = Unit::shipped('gas-furnace');
    $off = $unit->conditions(['call_heat' => false])->lifting(['w41']);
    $settled = $unit->settle($off);
    expect(Meter::loadedVolts($settled, 'TST.W', 'IFC.C'))->toBeGreaterThan(2.0)
        ->and(Meter::loadedVolts($settled, 'TST.W', 'IFC.C', Meter::LOW_Z_OHMS))->toBeLessThan(0.1);
    $ghost = weighed('split-cooling', "  - observation: { part: OFM, seen: silent }\n"
        ."  - reading: { function: vac, red: LP.2, black: LV.C, entered: \"14\" }\n");
    expect($ghost->found())->toBeNull();
    // behind a cracked igniter the board's terminal floats: that is where it is read on a low impedance
    $locked = weighed('gas-furnace', "  - observation: { part: IND, seen: runs }\n  - observation: { part: IBM, seen: silent }\n"
        ."  - observation: { part: IFC, seen: 6 flashes }\n  - observation: { part: HSI, seen: dark }\n");
    expect($locked->next[0]->title)->toBe('Volts, low impedance: IFC.L → IFC.HSI');
    $switches = ['HP:open', 'HP:tripped', 'LP:open', 'LP:tripped'];
    $of = fn (string $shown): float => probability(weighed('split-cooling', "  - observation: { part: OFM, seen: silent }\n"
        ."  - reading: { function: vac-lowz, red: LP.2, black: LV.C, entered: \"$shown\" }\n"), ...$switches);
    expect($of('0'))->toBeGreaterThan(0.2)->toBeGreaterThan(10 * $of('26.5'));
});

it('knows a coated flame rod by its microamperes, whichever way round the meter is', function (): void {
    // a clean rod shows some microamperes, a coated one under one (common practice, no published source)
    $clean = (float) (new Meter(Unit::shipped('gas-furnace')->settler))->inSeries('w28', Unit::shipped('gas-furnace')->with())->value;
    expect(abs($clean))->toBeGreaterThan(1e-6);
    // read while the valve is open, which with a coated one it is for some seconds of each try
    $of = fn (string $entered): Assessment => weighed('gas-furnace', "  - observation: { part: GV, seen: open, moment: 39 }\n"
        ."  - reading: { function: uadc, red: w28, entered: \"$entered\", moment: 40 }\n");
    expect(probability($of('0.2'), 'FS:dirty'))->toBeGreaterThan(0.2)
        ->and(probability($of('0.2'), 'FS:dirty'))->toBeGreaterThan(5 * probability($of(sprintf('%.1f', 1e6 * abs($clean))), 'FS:dirty'))
        ->and(probability($of('0.2'), 'FS:dirty'))->toEqualWithDelta(probability($of('-0.2'), 'FS:dirty'), 1e-9);
});

it('takes many megohms as sound and few as a ground', function (): void {
    $off = implode('', array_map(
        fn (string $c): string => "  - condition: { name: $c, value: false }\n",
        ['outdoor_breaker', 'disconnect', 'indoor_breaker'],
    ))."  - proved-dead: { known_before: true, circuit_dead: true, known_after: true }\n";
    $of = fn (string $entered): Assessment => weighed(
        'split-cooling',
        "  - observation: { part: COMP, seen: silent }\n$off"
            ."  - reading: { function: megohms, red: COMP.R, black: GND.1, entered: \"$entered\" }\n",
    );
    expect(probability($of('0'), 'COMP:grounded'))->toBeGreaterThan(0.1)
        ->and(probability($of('OL'), 'COMP:grounded'))->toBeLessThan(0.01)
        ->and(probability($of('90'), 'COMP:grounded'))->toBeLessThan(0.01)
        ->and($of('90')->unexplained)->toBe([]);
});

it('splits a switch that failed from one that does its job by what a gauge shows', function (): void {
    // an automatic switch is rightly open only while its pressure is beyond where it closes again (common practice, no published source)
    $of = fn (string $gauge): Assessment => weighed('split-cooling', "  - observation: { part: OFM, seen: silent }\n"
        ."  - observation: { part: CC, seen: dropped out }\n"
        ."  - reading: { function: vac, red: HP.1, black: HP.2, entered: \"26.7\" }\n"
        ."  - reading: { function: vac, red: CC.A, black: CC.B, entered: \"0\" }\n$gauge");
    expect($of('')->found())->toBeNull()
        ->and(collectTitles($of('')))->toContain('Measure: Head pressure')
        ->and($of("  - measured: { quantity: head_pressure, entered: \"620 psi\" }\n")->groups[0]->faults)->toBe(['HP:tripped'])
        ->and($of("  - measured: { quantity: head_pressure, entered: \"44 bar\" }\n")->groups[0]->faults)->toBe(['HP:tripped'])
        ->and($of("  - measured: { quantity: head_pressure, entered: \"1500\" }\n")->groups[0]->faults)->toBe(['HP:open']);
});

/** @return list<string> */
function collectTitles(Assessment $of): array
{
    return array_map(fn ($a): string => $a->title, $of->next);
}

it('believes hands: a shaft that does not turn, one that turns without its wheel, a spin that starts it', function (): void {
    $of = fn (string $felt): Assessment => weighed(
        'split-cooling',
        "  - observation: { part: OFM, seen: hums }\n  - felt: { target: OFM, felt: \"$felt\" }\n",
    );
    expect($of('seized')->groups[0]->faults)->toBe(['OFM:seized'])
        ->and($of('seized, hot')->groups[0]->faults)->toBe(['OFM:seized'])
        ->and(probability($of('turns freely'), 'OFM:seized'))->toBeLessThan(0.02)
        // no start winding, or no capacitor to it: a spin starts it (common practice, no published source)
        ->and(probability($of('starts by hand'), 'CAP:fan-open', 'OFM:start-open', 'w15:open'))->toBeGreaterThan(0.5);
});

it('finds by hand what it expects by hand', function (): void {
    $unit = Unit::cooling();
    $hidden = fn (string $fault, int $seed): HiddenUnit => new HiddenUnit(
        $unit->settler, $unit->off(), $unit->model()->faults->parseAll([$fault]), false, new Luck, new Dice($seed),
    );
    $seized = array_map(fn (int $n): Sign => $hidden('OFM:seized', $n)->feel('OFM', Sign::TurnsFreely), range(1, 40));
    $sound = array_map(fn (int $n): Sign => $hidden('CC:coil-open', $n)->feel('OFM', Sign::TurnsFreely), range(1, 40));
    expect(count(array_keys($seized, Sign::Seized, true)))->toBeGreaterThan(34)
        ->and(count(array_keys($sound, Sign::TurnsFreely, true)))->toBeGreaterThan(37);
});

it('knows a short by how fast the breaker opens, and a motor that is held by its taking time', function (): void {
    $of = fn (string $after): Assessment => weighed(
        'split-cooling',
        "  - observation: { part: CB2, seen: tripped }\n  - tripped: { part: CB2, after: $after }\n",
    );
    $grounds = ['IBM:grounded', 'w34:grounded', 'w32:grounded', 'IBM:run-shorted'];
    expect(probability($of('0'), ...$grounds))->toBeGreaterThan(probability($of('200'), ...$grounds));
});

it('forgets of a part that is replaced what was learned of it, and holds a new one innocent', function (): void {
    $before = "  - observation: { part: OFM, seen: hums }\n  - reading: { function: vac, red: OFM.S, black: OFM.C, entered: \"0\" }\n";
    $off = implode('', array_map(
        fn (string $c): string => "  - condition: { name: $c, value: false }\n",
        ['outdoor_breaker', 'disconnect', 'indoor_breaker'],
    ))."  - proved-dead: { known_before: true, circuit_dead: true, known_after: true }\n";
    $its = fn (Assessment $of): float => array_sum(array_map(
        static fn (PartShare $p): float => $p->target === 'CAP' ? $p->probability : 0.0,
        $of->parts,
    ));
    $was = $its(weighed('split-cooling', $before.$off));
    $is = $its(weighed('split-cooling', $before.$off."  - replaced: { part: CAP }\n"));
    expect($was)->toBeGreaterThan(0.1)->and($is)->toBeLessThan($was / 4);
});

it('predicts a jumpered unit as the wire makes it', function (): void {
    // R to Y at the thermostat calls for cooling round it: a contactor that pulls in clears all that comes after
    $unit = Unit::cooling();
    $jumped = $unit->settler->settle($unit->conditions()->jumpering('TST.R', 'TST.Y'), $unit->model()->faults->parseAll(['TST:y-open']));
    $same = $unit->settler->under($unit->conditions()->jumpering('TST.Y', 'TST.R'));
    expect($jumped->observed('CC'))->toBe('pulled in')->and($same)->toBe($jumped->model === $same->model ? $same : null)
        ->and($unit->with('TST:y-open')->observed('CC'))->toBe('dropped out');
    $of = weighed('split-cooling', "  - observation: { part: CC, seen: dropped out }\n"
        ."  - jumper: { from: TST.R, to: TST.Y, \"on\": true, reason: is it the thermostat }\n"
        ."  - observation: { part: CC, seen: pulled in }\n");
    expect($of->groups[0]->faults)->toContain('TST:y-open')
        ->and(probability($of, 'HP:open', 'CC:coil-open', 'w24:open'))->toBeLessThan(0.05);
});

it('plans round what cannot be done now, and says so when nothing is left', function (): void {
    $seen = "  - observation: { part: OFM, seen: silent }\n";
    $titles = fn (string $bars): array => collectTitles(weighed('split-cooling', $seen.$bars));
    $first = weighed('split-cooling', $seen)->next[0]->candidate;
    expect($titles("  - barred: { why: not now, what: \"{$first->test->key()}\", barred: true }\n"))
        ->not->toContain($titles('')[0])->not->toBe([]);
    $circuit = Unit::cooling()->model()->circuit;
    $place = $first->test->place($circuit);
    foreach (weighed('split-cooling', $seen."  - barred: { why: cannot reach, what: $place, barred: true }\n")->next as $advice) {
        expect($advice->candidate->test->place($circuit))->not->toBe($place);
    }
    foreach (weighed('split-cooling', $seen."  - barred: { why: must run, barred: true }\n")->next as $advice) {
        expect($advice->candidate->when->conditions->isPoweredDown($circuit))->toBeFalse();
    }
    $bars = implode('', array_map(
        fn (string $place): string => "  - barred: { why: cannot reach, what: $place, barred: true }\n",
        array_keys($circuit->places),
    ));
    $none = weighed('split-cooling', $seen.$bars);
    expect($none->next)->toBe([])->and($none->help())->toContain('out of reach')->and($none->found())->toBeNull();
});

it('ticks nothing that has not been tested: a lost leg leaves all behind it unproved', function (): void {
    // 479 V from L1 to L3 and 237 V from L2 to ground: L2 is fed back through the loads (common practice, no published source)
    $lost = weighed('two-circuit-fan-cycling', "  - observation: { part: COMP1, seen: silent }\n"
        ."  - reading: { function: vac, red: TB.L1, black: TB.L3, entered: \"479\" }\n"
        ."  - reading: { function: vac, red: TB.L2, black: GND.1, entered: \"237\" }\n");
    $machines = ['COMP1', 'COMP2', 'OFM', 'CC1', 'CC2', 'FC', 'CCH1', 'CCH2', 'T1'];
    expect(array_intersect($machines, array_keys(Unit::shipped('two-circuit-fan-cycling')->model()->parts)))->toBe($machines)
        ->and(array_intersect($lost->proved, $machines))->toBe([]);
    $lockout = weighed('gas-furnace', "  - observation: { part: GV, seen: closed }\n  - observation: { part: IND, seen: silent }\n"
        ."  - reading: { function: vac, red: IFC.R, black: IFC.C, entered: \"26.5\" }\n");
    expect(array_intersect($lockout->proved, ['HSI', 'GV', 'FS']))->toBe([]);
});

it('does not ask for volts over and over that may have been a ghost\'s and were taken on a low impedance since', function (): void {
    // of a visit that asked for the same reading seven times
    $next = weighed('split-cooling', <<<'YAML'
      - observation: { part: OFM, seen: runs }
      - reading: { function: vac, red: CAP.HERM, black: GND.1, entered: 383.6V }
      - reading: { function: vac, red: CC.A, black: GND.1, entered: 26.37V }
      - observation: { part: IBM, seen: runs }
      - condition: { name: outdoor_breaker, value: false }
      - condition: { name: disconnect, value: false }
      - condition: { name: indoor_breaker, value: false }
      - proved-dead: { known_before: true, circuit_dead: true, known_after: true }
      - lead: { wire: w15, lifted: true }
      - lead: { wire: w15, lifted: false }
      - lead: { wire: w12, lifted: true }
      - observation: { part: BR, seen: dropped out }
      - lead: { wire: w12, lifted: false }
      - lead: { wire: w36, lifted: true }
      - reading: { function: mfd, red: CAP2.1, black: CAP2.2, entered: 10.00µF }
      - lead: { wire: w36, lifted: false }
      - condition: { name: indoor_breaker, value: true }
      - reading: { function: vac, red: FU3.1, black: FU3.2, entered: 0.001V }
      - condition: { name: indoor_breaker, value: false }
      - proved-dead: { known_before: true, circuit_dead: true, known_after: true }
      - reading: { function: ohms, red: AH.C, black: SUP.G, entered: OL }
      - reading: { function: ohms, red: HP.1, black: HP.2, entered: 0.0Ω }
      - reading: { function: ohms, red: LP.1, black: LP.2, entered: 0.0Ω }
      - condition: { name: outdoor_breaker, value: true }
      - condition: { name: disconnect, value: true }
      - condition: { name: indoor_breaker, value: true }
      - condition: { name: call_cool, value: false }
      - condition: { name: call_fan, value: false }
      - reading: { function: vac, red: TST.Y, black: LV.C, entered: 5.679V }
      - reading: { function: vac-lowz, red: TST.Y, black: LV.C, entered: "0.0" }
      - reading: { function: vac-lowz, red: TST.Y, black: LV.C, entered: "0.0" }
      - reading: { function: vac-lowz, red: TST.Y, black: LV.C, entered: "0.0" }
    YAML)->next;
    expect($next)->not->toBe([])->and($next[0]->title)->not->toBe('Volts, low impedance: TST.Y → LV.C');
});
