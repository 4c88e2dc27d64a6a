<?php

declare(strict_types=1);

use Levin\Core\Operation\Run;
use Levin\Core\Tests\Support\Unit;

// Each family of the library: what it does in order and in what time, and that its safeties stop it in the right way. The order of the
// sequences, the times between their steps and what a safety stops are common practice, no published source.

/**
 * That some things come one after the other, each within so many seconds.
 *
 * @param  list<array{string, string, float, float}>  $steps  part, what is seen, earliest and latest second
 */
function comesInOrder(Run $run, array $steps): void
{
    $last = 0.0;
    foreach ($steps as [$part, $seen, $from, $to]) {
        $at = $run->when($part, $seen, $last) ?? INF;
        expect($at)->toBeGreaterThanOrEqual($from, "$part $seen")->toBeLessThanOrEqual($to, "$part $seen");
        $last = $at;
    }
}

$staged = "2 min\nstart: { call_heat_1: off, call_heat_2: off }\nevents: [{ at: 10 s, set: { call_heat_1: on } }, "
    .'{ at: 40 s, set: { call_heat_2: on } }]';
$heat = ['call_heat=on', 'call_cool=off', 'call_fan=off'];

it('does its work in order and in time', function (string $id, string $for, array $when, array $steps): void {
    comesInOrder(Unit::shipped($id)->run("until: $for", [], $when), $steps);
})->with([
    'gas/electric, cooling' => ['gas-electric-package', '2 min', [], [
        ['COMP', 'runs', 0, 1], ['OFM', 'runs', 1, 6], ['IBM', 'runs', 2, 6],
    ]],
    'gas/electric, heating' => ['gas-electric-package', '3 min', $heat, [
        ['IND', 'runs', 0.5, 4], ['IGC', 'trial, steady', 15, 22], ['GV', 'open', 15, 22], ['IGC', 'lit, steady', 16, 24],
        ['IGC', 'burning, steady', 50, 70], ['IBM', 'runs', 50, 75],
    ]],
    'furnace with an ignition module, heating' => ['gas-furnace-spark', '3 min', [], [
        ['IND', 'runs', 0.5, 4], ['IFC', 'ignite, steady', 15, 22], ['SP', 'sparks', 16, 26], ['GV', 'open', 16, 26],
        ['SP', 'no spark', 17, 28], ['IBM', 'runs', 55, 75],
    ]],
    'split cooling with a start relay' => ['split-cooling-hard-start', '2 min', [], [
        ['PR', 'pulled in', 0, 1], ['COMP', 'runs', 0, 1], ['IBM', 'runs', 2, 5],
    ]],
    'heat pump without electric heat: defrost' => ['heat-pump-no-heat', '4 h', ['outdoor_cold=on'], [
        ['COMP', 'runs', 300, 302], ['OFM', 'runs', 300, 310], ['DFT', 'closed', 600, 7200], ['DB', 'defrost, 2 flashes', 5400, 9000],
        ['OFM', 'silent', 5400, 9000], ['DB', 'run, steady', 5400, 10000], ['OFM', 'runs', 5400, 10000],
    ]],
    'reverse cycle, cooling' => ['reverse-cycle-230', '2 min', [], [
        ['IFM', 'runs', 1, 4], ['K1', 'pulled in', 3, 3.5], ['COMP', 'runs', 3, 4], ['OFM', 'runs', 4, 8],
    ]],
    'reverse cycle, heating and de-ice' => ['reverse-cycle-230', '90 min', ['call_heating=on', 'outdoor_cold=on'], [
        ['RV', 'shifted', 3, 4], ['COMP', 'runs', 3, 4], ['DIT', 'closed', 600, 1800], ['DIC', 'de_ice, amber', 3300, 4500],
        ['DIT', 'open', 3400, 5100], ['OFM', 'runs', 3400, 5100],
    ]],
    'cooler, pump-down start' => ['cooler-575-digital', '5 min', [], [
        ['LLS', 'open', 2, 5], ['TDR', 'pulled in', 115, 130], ['COMP', 'runs', 120, 126], ['OFM1', 'runs', 120, 130],
    ]],
    'cooler, near its set point' => ['cooler-575-digital', '60 min', [], [
        ['COMP', 'runs', 120, 126], ['NT', 'closed', 600, 3600], ['UNL', 'unloaded', 612, 3630], ['UNL', 'loaded', 620, 3640],
    ]],
    'gas/electric on three phases, cooling' => ['gas-electric-three-phase', '2 min', [], [
        ['COMP', 'runs', 0, 1], ['IBM', 'runs', 1, 3], ['OFM', 'runs', 1, 6],
    ]],
    'gas/electric on three phases, heating' => ['gas-electric-three-phase', '3 min', $heat, [
        ['IND', 'runs', 0.5, 4], ['GV', 'open', 15, 22], ['BC', 'pulled in', 50, 70], ['IBM', 'runs', 50, 72],
    ]],
    'air handler with a delay relay: blower, then the elements' => ['air-handler-capacitor', '2 min', ['call_fan=off'], [
        ['BTD', 'pulled in', 0.5, 2], ['IBM', 'runs', 3, 8], ['HE1', 'hot', 24, 27], ['HE2', 'hot', 44, 47],
    ]],
    'evaporator: defrost every four hours, fans on' => ['walk-in-evaporator', '5 h', [], [
        ['EF1', 'runs', 0.5, 3], ['BT', 'open', 600, 3600], ['LLS', 'closed', 600, 3600], ['DT', 'defrosting', 14390, 14410],
        ['DT', 'refrigerating', 17090, 17110], ['LLS', 'open', 17090, 17110],
    ]],
    'wall furnace on a standing pilot: burner, then the fan once it is warm' => [
        'wall-furnace-millivolt', "5 min\nstart: { call_heat: off }\nevents: [{ at: 10 s, set: { call_heat: on } }]", [],
        [['GV', 'open', 10, 10.1], ['FS', 'closed', 50, 100], ['IBM', 'runs', 52, 105]],
    ],
    'wall furnace: the fan of its rear outlet once that is warm' => [
        'wall-furnace-millivolt', "5 min\nstart: { call_heat: off }\nevents: [{ at: 10 s, set: { call_heat: on } }]", [],
        [['RFS', 'closed', 40, 95], ['RFM', 'runs', 41, 98]],
    ],
    'furnace: its humidifier with the blower, where the air is dry' => ['gas-furnace', '3 min', [], [
        ['IND', 'runs', 0.5, 4], ['GV', 'open', 36, 45], ['IFC', 'burning, steady', 60, 80], ['HWV', 'open', 60, 80],
        ['IBM', 'runs', 60, 85],
    ]],
    'air handler on a sequencer: humidifier and blower, then the elements' => [
        'air-handler-electric',
        "2 min\nstart: { call_heat: off, call_fan: off }\nevents: [{ at: 10 s, set: { call_heat: on } }]",
        [],
        [['HWV', 'open', 10, 10.1], ['IBM', 'runs', 13, 18], ['HE1', 'hot', 30, 40], ['HE2', 'hot', 50, 60]],
    ],
    'air handler with a variable-speed blower: first stage, second stage, blower' => ['air-handler-variable', $staged, [], [
        ['HC1', 'pulled in', 10, 11], ['HE1', 'hot', 10, 11], ['IBM', 'runs', 14, 16], ['HC2', 'pulled in', 40, 41], ['HE3', 'hot', 40, 41],
    ]],
    'reverse cycle on three phases, cooling' => ['reverse-cycle-400', '2 min', [], [
        ['PM', 'shows good', 2.9, 3.1], ['IFM', 'runs', 4, 6], ['K1', 'pulled in', 5.9, 6.1], ['COMP', 'runs', 6, 7],
        ['OFM1', 'runs', 7, 11], ['OFM2', 'runs', 7, 11],
    ]],
    'reverse cycle on three phases, heating and de-ice' => ['reverse-cycle-400', '90 min', ['call_heating=on', 'outdoor_cold=on'], [
        ['RV', 'shifted', 6, 7], ['DIT', 'closed', 600, 1800], ['DIC', 'de_ice, amber', 3300, 4500], ['OFM1', 'silent', 3300, 4500],
        ['DIT', 'open', 3400, 5100], ['OFM1', 'runs', 3400, 5100],
    ]],
    'rooftop on 208 V, cooling, economizer and powered exhaust' => ['rooftop-208', '3 min', [], [
        ['PM', 'shows good', 2.9, 3.1], ['CC1', 'pulled in', 7.9, 8.1], ['COMP1', 'runs', 8, 9], ['IBM', 'runs', 9, 12],
        ['OFM4', 'runs', 9, 13], ['CC2', 'pulled in', 17.9, 18.1], ['COMP2', 'runs', 18, 19], ['ECO', 'open', 92, 94],
        ['PER2', 'pulled in', 92, 95], ['PEM2', 'runs', 93, 98],
    ]],
    'two circuits, fan by a transducer' => ['two-circuit-fan-controller', '3 min', [], [
        ['COMP1', 'runs', 0, 1], ['OFM', 'runs', 0, 3], ['TD2', 'pulled in', 29, 31], ['COMP2', 'runs', 30, 31],
    ]],
]);

it('is stopped by its safety, and shows it', function (
    string $id,
    string $script,
    array $faults,
    array $when,
    array $steps,
    array $ends,
): void {
    $run = Unit::shipped($id)->run($script, $faults, $when);
    comesInOrder($run, $steps);
    foreach ($ends as $part => $seen) {
        expect($run->end->observed($part))->toBe($seen, $part);
    }
})->with([
    'wall furnace: no air, and its limit opens and closes' => [
        'wall-furnace-millivolt', 'until: 30 min', [], ['filter_clogged=on'],
        [['LIM', 'open', 120, 1200], ['GV', 'pilot only', 120, 1200], ['LIM', 'closed', 130, 1500], ['GV', 'open', 130, 1500]],
        [],
    ],
    'wall furnace: flue gas spills, until somebody resets it' => [
        'wall-furnace-millivolt',
        "until: 10 min\nevents: [{ at: 3 min, set: { vent_blocked: on } }, { at: 4 min, set: { vent_blocked: off } }]\n", [], [],
        [['VSS', 'locked open', 180, 181], ['GV', 'pilot only', 180, 182]], ['GV' => 'pilot only', 'PG' => 'pilot on it'],
    ],
    'wall furnace: the pilot is blown out, and stays out until somebody lights it' => [
        'wall-furnace-millivolt',
        "until: 20 min\nevents: [{ at: 3 min, set: { pilot_blown_out: on } }, { at: 5 min, set: { pilot_blown_out: off } }, "
            .'{ at: 10 min, reset: [GV] }]',
        [], [],
        [['PG', 'no flame on it', 180, 181], ['GV', 'shut', 200, 300], ['PG', 'pilot on it', 600, 601], ['GV', 'open', 655, 665]], [],
    ],
    'wall furnace: a generator that does not hold its valve, lit by hand' => [
        'wall-furnace-millivolt', "until: 10 min\nevents: [{ at: 3 min, reset: [GV] }]\n", ['PG:open'], [],
        [['GV', 'pilot only', 180, 181], ['GV', 'shut', 239, 241]], ['GV' => 'shut', 'PG' => 'no flame on it'],
    ],
    'wall furnace: its burner switch shuts the burner and leaves the pilot' => [
        'wall-furnace-millivolt', "until: 2 min\nevents: [{ at: 60 s, set: { burner_switch: off } }]\n", [], [],
        [['GV', 'pilot only', 60, 61]], ['PG' => 'pilot on it', 'GV' => 'pilot only'],
    ],
    'furnace: blower dead and its limit welded, and the auxiliary limit stays open until somebody resets it' => [
        'gas-furnace', 'until: 30 min', ['IBM:seized', 'LIM:stuck-closed'], [],
        [['GV', 'open', 36, 45], ['LIM2', 'locked open', 120, 1200], ['IFC', 'limit_open, 4 flashes', 120, 1200]],
        ['GV' => 'closed', 'IFC' => '4 flashes'],
    ],
    'furnace: no water where the air is humid enough' => [
        'gas-furnace', 'until: 3 min', [], ['air_dry=off'], [['IFC', 'burning, steady', 60, 80]], ['HWV' => 'closed', 'IBM' => 'runs'],
    ],
    'split cooling: water in the pan stops both sections' => [
        'split-cooling', "until: 3 min\nevents: [{ at: 60 s, set: { pan_full: on } }]\n", [], [],
        [['FLT', 'open', 60, 61], ['CC', 'dropped out', 60, 61]], ['COMP' => 'silent', 'OFM' => 'silent', 'IBM' => 'silent'],
    ],
    'air handler on a sequencer: the door stops heat and blower' => [
        'air-handler-electric', "until: 5 min\nevents: [{ at: 60 s, set: { door_off: on } }]\n", [], [],
        [['HE1', 'cold', 60, 180]], ['HE1' => 'cold', 'HE2' => 'cold', 'HWV' => 'closed'],
    ],
    'air handler on a sequencer: water in the outer pan' => [
        'air-handler-electric', "until: 5 min\nevents: [{ at: 60 s, set: { outer_pan_full: on } }]\n", [], [],
        [['FLT2', 'open', 60, 61], ['HE1', 'cold', 60, 180]], ['HE1' => 'cold', 'HE2' => 'cold'],
    ],
    'air handler with a variable-speed blower: limits, with the blower dead' => [
        'air-handler-variable', 'until: 10 min', ['IBM:seized'], [],
        [['LIM2', 'open', 10, 300], ['HE2', 'cold', 10, 300]], ['IBM' => 'still'],
    ],
    'air handler with a variable-speed blower: no second stage when it is mild' => [
        'air-handler-variable', "until: $staged", [], ['outdoor_mild=on'], [['HC1', 'pulled in', 10, 11]],
        ['HC2' => 'dropped out', 'HE1' => 'hot', 'HE2' => 'cold', 'HE3' => 'cold'],
    ],
    'air handler with a variable-speed blower: water in the pan' => [
        'air-handler-variable', "until: 3 min\nevents: [{ at: 60 s, set: { pan_full: on } }]\n", [], [],
        [['HC1', 'dropped out', 60, 61]], ['HE1' => 'cold', 'HE2' => 'cold'],
    ],
    'reverse cycle on three phases: high pressure with its fans dead, until somebody resets it' => [
        'reverse-cycle-400', 'until: 20 min', ['OFM1:seized', 'OFM2:seized'], [],
        [['HP', 'locked open', 20, 900], ['DIC', 'no_string, red', 20, 905]], ['COMP' => 'silent', 'DIC' => 'red'],
    ],
    'reverse cycle on three phases: a phase lost' => [
        'reverse-cycle-400', "until: 3 min\nevents: [{ at: 60 s, fault: ['CB1:pole3-open'] }]\n", [], [],
        [['PM', 'shows a fault', 60, 62], ['K1', 'dropped out', 60, 63]], ['COMP' => 'silent', 'IFM' => 'silent'],
    ],
    'rooftop on 208 V: the filter door' => [
        'rooftop-208', "until: 2 min\nevents: [{ at: 60 s, set: { filter_door_off: on } }]\n", [], [],
        [['CC1', 'dropped out', 60, 62]], ['COMP1' => 'silent', 'IBM' => 'silent'],
    ],
    'rooftop on 208 V: high pressure of a circuit with its fans dead, and locked out after three' => [
        'rooftop-208', 'until: 40 min', ['FC:coil-open'], [],
        [['HP1', 'open', 20, 600], ['CC1', 'dropped out', 20, 600]], ['UCB' => '5 flashes'],
    ],
    'evaporator: the door stops the fans' => [
        'walk-in-evaporator', "until: 3 min\nevents: [{ at: 60 s, set: { door_open: on } }]\n", [], [],
        [['FR', 'dropped out', 60, 61]], ['EF1' => 'silent', 'EF2' => 'silent', 'EF3' => 'silent'],
    ],
    'air handler with a delay relay: a limit, with the blower dead' => [
        'air-handler-capacitor', 'until: 10 min', ['IBM:seized'], ['call_fan=off'], [['HE1', 'hot', 24, 27], ['LIM1', 'open', 30, 300]], [],
    ],
    'gas/electric on three phases: low pressure' => [
        'gas-electric-three-phase', "until: 2 min\nevents: [{ at: 60 s, set: { suction_pressure_low: on } }]\n", [], [],
        [['CC', 'dropped out', 60, 61]], ['COMP' => 'silent', 'IBM' => 'runs'],
    ],
    'gas/electric: high pressure' => [
        'gas-electric-package', "until: 3 min\nevents: [{ at: 60 s, set: { head_pressure_high: on } }]\n", [], [],
        [['HP', 'open', 60, 61], ['CC', 'dropped out', 60, 61]], ['COMP' => 'silent', 'OFM' => 'silent', 'IBM' => 'runs'],
    ],
    'gas/electric: low pressure' => [
        'gas-electric-package', "until: 3 min\nevents: [{ at: 60 s, set: { suction_pressure_low: on } }]\n", [], [],
        [['LP', 'open', 60, 61], ['CC', 'dropped out', 60, 61]], ['COMP' => 'silent'],
    ],
    'gas/electric: the limit, with the blower dead' => [
        'gas-electric-package', 'until: 15 min', ['IBM:seized'], $heat,
        [['GV', 'open', 15, 22], ['LIM', 'open', 60, 800], ['GV', 'closed', 60, 800], ['IGC', 'limit_open, 4 flashes', 60, 800]], [],
    ],
    'gas/electric: roll-out, until somebody resets it' => [
        'gas-electric-package',
        "until: 10 min\nevents: [{ at: 2 min, set: { flame_rolled_out: on } }, { at: 3 min, set: { flame_rolled_out: off } }]\n", [], $heat,
        [['RO', 'locked open', 120, 121], ['GV', 'closed', 120, 122]], ['GV' => 'closed'],
    ],
    'gas/electric: flue blocked' => [
        'gas-electric-package', 'until: 3 min', [], [...$heat, 'flue_blocked=on'],
        [['IND', 'runs', 0.5, 4], ['IGC', 'draft_open, 3 flashes', 55, 70]], ['GV' => 'closed', 'IGC' => '3 flashes'],
    ],
    'gas/electric: no gas' => [
        'gas-electric-package', 'until: 10 min', [], [...$heat, 'gas_on=off'],
        [['IGC', 'lockout, 6 flashes', 60, 300]], ['GV' => 'closed', 'IND' => 'silent'],
    ],
    'furnace with an ignition module: no gas' => [
        'gas-furnace-spark', 'until: 5 min', [], ['gas_on=off'],
        [['IGN', 'locked, 1 flash', 60, 200]], ['GV' => 'closed', 'SP' => 'no spark'],
    ],
    'furnace with an ignition module: vent blocked' => [
        'gas-furnace-spark', 'until: 3 min', [], ['vent_blocked=on'], [['IFC', 'draft_open, 3 flashes', 55, 70]], ['GV' => 'closed'],
    ],
    'reverse cycle: high pressure with its fan dead, until somebody resets it' => [
        'reverse-cycle-230', 'until: 20 min', ['OFM:seized'], [],
        [['HP', 'locked open', 20, 900], ['DIC', 'no_string, red', 20, 905]], ['K1' => 'dropped out', 'COMP' => 'silent', 'DIC' => 'red'],
    ],
    'reverse cycle: charge lost' => [
        'reverse-cycle-230', 'until: 2 min', [], ['charge_lost=on'], [['DIC', 'no_string, red', 1, 5]], ['COMP' => 'silent'],
    ],
    'cooler: pumped down when its box is cold' => [
        'cooler-575-digital', "until: 30 min\nevents: [{ at: 10 min, fault: ['BT:open'] }]\n", [], [],
        [['LLS', 'closed', 600, 601], ['LPC', 'open', 605, 900], ['CC', 'dropped out', 605, 900]], ['COMP' => 'silent'],
    ],
    'cooler: high pressure with both fans dead' => [
        'cooler-575-digital', 'until: 30 min', ['OFM1:seized', 'OFM2:seized'], [],
        [['HPC', 'locked open', 130, 1500], ['CC', 'dropped out', 130, 1500]], ['COMP' => 'silent'],
    ],
    'cooler: discharge line too hot' => [
        'cooler-575-digital', "until: 15 min\nevents: [{ at: 10 min, set: { discharge_hot: on } }]\n", [], [],
        [['DLT', 'open', 600, 601], ['CC', 'dropped out', 600, 601]], ['COMP' => 'silent'],
    ],
    'two circuits, fan by a transducer: high pressure of one with the fan dead' => [
        'two-circuit-fan-controller', 'until: 15 min', ['FPC:output-open'], [],
        [['HP1', 'locked open', 30, 900]], ['COMP1' => 'silent'],
    ],
]);
