<?php

declare(strict_types=1);

use Levin\Core\Tests\Support\Unit;
use Symfony\Component\Process\Process;

/**
 * @param  string  ...$arguments
 * @return array{int, string}
 */
function levin(...$arguments): array
{
    // a slow machine takes its time: what it says is tested, not how soon
    $process = new Process([PHP_BINARY, __DIR__.'/../../../bin/levin', ...array_values($arguments)], timeout: 600);
    $process->run();

    return [$process->getExitCode() ?? -1, $process->getOutput().$process->getErrorOutput()];
}

/** @return array<mixed> */
function levinJson(string ...$arguments): array
{
    [, $out] = levin(...[...$arguments, '--json']);

    /** @var array<mixed> */
    return json_decode($out, true, 512, JSON_THROW_ON_ERROR);
}

it('checks a sound circuit and lists what is wrong with another', function (): void {
    [$code, $text] = levin('check', Unit::COOLING);
    expect($code)->toBe(0)->and($text)->toContain('sound')
        ->and(levinJson('check', Unit::COOLING)['sound'])->toBeTrue();
    $bad = tempnam(sys_get_temp_dir(), 'levin');
    file_put_contents($bad, str_replace('from: HP.2', 'from: HP.9', (string) file_get_contents(Unit::COOLING)));
    [$code, $text] = levin('check', $bad);
    expect($code)->toBe(1)->and($text)->toContain('There is no point HP.9')
        ->and(levinJson('check', $bad))->toMatchArray(['sound' => false]);
    unlink($bad);
});

/** A shipped circuit with some of its text replaced, in a file of its own. */
function edition(string $from, string $to): string
{
    $file = tempnam(sys_get_temp_dir(), 'levin');
    $text = (string) file_get_contents(Unit::COOLING);
    expect($text)->toContain($from);
    file_put_contents($file, str_replace($from, $to, $text));

    return $file;
}

it('tells what conductors and fuses must be, warns of those that are too large, and of what cannot be right', function (): void {
    $sound = levinJson('check', Unit::COOLING);
    expect(array_column((array) $sound['branches'], 'maximumDevice', 'device'))->toMatchArray(['FU1' => 30])
        ->and($sound['warnings'])->toBe([]);
    $large = edition('kind: fuse, label: Line fuse 1, place: disconnect, plate: { amps: 30', 'kind: fuse, label: Line fuse 1, place: '
        .'disconnect, plate: { amps: 40');
    [$code, $text] = levin('check', $large);
    expect($code)->toBe(0)->and($text)->toContain('warning: line ')->toContain('FU1: 40 A is more than the 30 A')->toContain('NEC 440.22');
    $weak = edition('against: pressure_left', 'against: pressure_left, load: 2.9');
    expect(levin('check', $weak)[1])->toContain('with nothing wrong');
    array_map(unlink(...), [$large, $weak]);
});

it('finds a short that nothing opens, where, and leaves with an exit code', function (): void {
    // a jumper from leg to leg before the breaker
    $short = edition("conditions:\n", "conditions:\n");
    file_put_contents($short, str_replace(
        '  w1: { from: SUP.L1, to: CB1.L1,',
        "  w0: { from: SUP.L1, to: SUP.L2, colour: red, gauge: 6, length: 0.5 }\n  w1: { from: SUP.L1, to: CB1.L1,",
        (string) file_get_contents($short),
    ));
    [$code, $text] = levin('solve', $short);
    expect($code)->toBe(1)->and($text)->toContain('and nothing opens')->toContain('w0')
        ->and(levin('check', $short))->toMatchArray([0 => 1])->and(levin('check', $short)[1])->toContain('A flow from SUP');
    unlink($short);
});

it('settles under conditions and faults', function (): void {
    $healthy = levinJson('solve', Unit::COOLING);
    $off = levinJson('solve', Unit::COOLING, '--when', 'call_cool=off', '--fault', 'CC:welded');
    expect($healthy['states'])->toMatchArray(['CC' => 'pulled in', 'COMP' => 'runs'])
        ->and($healthy['settles'])->toBeTrue()
        ->and($off['states'])->toMatchArray(['CC' => 'pulled in', 'COMP' => 'runs'])
        ->and(levin('solve', Unit::COOLING)[1])->toContain('COMP.R');
});

it('reads a meter', function (): void {
    expect(trim(levin('meter', Unit::COOLING, 'vac', 'HP.1', 'HP.2', '-f', 'HP:open')[1]))->toMatch('/^2[4-8]\.\d+ V$/')
        ->and(levinJson(
            'meter',
            Unit::COOLING,
            'ohms',
            'CC.A',
            'CC.B',
            '-w',
            'outdoor_breaker=off',
            '-w',
            'indoor_breaker=off',
            '-w',
            'lifted=w24',
            '--zero',
        ))->toMatchArray(['value' => 12, 'unit' => 'Ω', 'overload' => false])
        ->and(levin('meter', Unit::COOLING, 'ohms', 'CC.A', 'CC.B')[0])->toBe(1);
});

it('lists faults and exports a netlist', function (): void {
    expect(array_column(levinJson('faults', Unit::COOLING), 'id'))->toContain('HP:open')->toContain('w24:open')
        ->and(levin('spice', Unit::COOLING)[1])->toContain('.ac lin 1 60 60')->toContain('* point CC.L1 is node')
        ->and(array_keys((array) levinJson('spice', Unit::COOLING)['nodes']))->toContain('CC.L1');
});

it('says what is wrong with what it was given', function (array $arguments, string $message): void {
    [$code, $text] = levin(...$arguments);
    expect($code)->toBe(2)->and($text)->toContain($message);
})->with([
    'point' => [['meter', Unit::COOLING, 'vac', 'CC.L1', 'CC.T9'], 'Did you mean CC.T1?'],
    'function' => [['meter', Unit::COOLING, 'vad', 'CC.L1', 'CC.T1'], 'Use one of: vac'],
    'condition' => [['solve', Unit::COOLING, '-w', 'call_cold=on'], 'Did you mean call_cool?'],
    'value' => [['solve', Unit::COOLING, '-w', 'call_cool=maybe'], 'call_cool=on or call_cool=off'],
    'fault' => [['solve', Unit::COOLING, '-f', 'HP:opened'], 'Did you mean HP:open?'],
]);

const CIRCUITS = __DIR__.'/../../../circuits/';

it('runs a unit through time after a script, for people and as JSON', function (): void {
    $script = tempnam(sys_get_temp_dir(), 'levin');
    file_put_contents($script, "until: 3 min\nstart: { call_heat: off }\nevents: [{ at: 10 s, set: { call_heat: on } }]\n");
    [$code, $text] = levin('run', CIRCUITS.'gas-furnace.yaml', '--script', $script);
    $data = levinJson('run', CIRCUITS.'gas-furnace.yaml', '--script', $script);
    $events = (array) $data['events'];
    expect($code)->toBe(0)->and($text)->toContain('call_heat=on')->toContain('HSI glows')->toContain('IBM runs')->toContain('IND 1.')
        ->toContain('Starts:')->toMatch('/IND: [\d.]+ A at most, [\d.]+ V at least; runs after 1\.\d+ s/')
        ->and($data['finished'])->toBeTrue()->and(array_column($events, 'at'))->toContain(10)
        ->and($events[0])->toHaveKeys(['at', 'done', 'moved', 'amps', 'volts', 'quantities'])
        ->and(((array) $data['starts'])[0])->toMatchArray(['part' => 'IND', 'to' => 'runs']);
    file_put_contents($script, "until: 3 min\nevents: [{ at: later }]\n");
    [$code, $text] = levin('run', CIRCUITS.'gas-furnace.yaml', '--script', $script);
    expect($code)->toBe(1)->and($text)->toContain('events');
    unlink($script);
});

it('runs without a script for a time, and refuses a time it cannot read', function (): void {
    expect(levin('run', CIRCUITS.'air-handler-electric.yaml', '--for', '10 min', '-f', 'IBM:module-dead')[1])->toContain(
        'It goes round every',
    )
        ->and(levin('run', CIRCUITS.'air-handler-electric.yaml', '--for', 'ages')[0])->toBe(1);
});

it('clamps wires and tests insulation, and says what it needs', function (): void {
    expect(trim(levin('meter', CIRCUITS.'rooftop-460.yaml', 'amps', 'w17', 'w18', 'w19')[1]))->toStartWith('0.0')
        ->and(levinJson('meter', CIRCUITS.'split-cooling.yaml', 'amps', 'w24', '--turns', '10')['display'])->toEndWith('A')
        ->and(levin(
            'meter',
            CIRCUITS.'split-cooling.yaml',
            'megohms',
            'COMP.R',
            'GND.1',
            '-w',
            'outdoor_breaker=off',
            '-w',
            'indoor_breaker=off',
        )[1])->toContain('Ω')
        ->and(levin(
            'meter',
            CIRCUITS.'split-cooling.yaml',
            'megohms',
            'COMP.R',
            'GND.1',
            '--volts',
            '2500',
        )[1])->toContain('250, 500 and 1000')
        ->and(levin('meter', CIRCUITS.'split-cooling.yaml', 'vac', 'CC.A')[1])->toContain('takes two points')
        ->and(levin('meter', CIRCUITS.'split-cooling.yaml', 'watts', 'CC.A', 'CC.B')[1])->toContain('no meter function')
        ->and(levin('meter', CIRCUITS.'split-cooling.yaml', 'amps', 'w24', '--turns', 'x')[0])->toBe(2)
        ->and(levin(
            'meter',
            CIRCUITS.'split-cooling.yaml',
            'ohms',
            'CC.A',
            'CC.B',
            '--celsius',
            '60',
            '-w',
            'outdoor_breaker=off',
            '-w',
            'indoor_breaker=off',
            '-w',
            'lifted=w24',
        )[1])->toContain('at 25 °C');
});

it('says of a circuit that chatters what moves and how fast', function (): void {
    [$code, $text] = levin('solve', CIRCUITS.'freezer-pump-down.yaml', '-f', 'w1:loose=25');
    expect($code)->toBe(1)->and($text)->toContain('move again and again, every');
});

it('has a manual for each command, with examples, forms and exit codes', function (string $command): void {
    [$code, $text] = levin($command, '--help');
    expect($code)->toBe(0)->and($text)->toContain("levin $command circuits/")->toContain('Exit code');
})->with(['check', 'solve', 'meter', 'run', 'spice', 'faults', 'edit']);

it('completes faults, conditions, points and wires', function (): void {
    $complete = function (string ...$words): string {
        $tokens = array_map(fn (string $w): string => "-i$w", ['levin', ...array_values($words)]);

        return levin('_complete', '--no-interaction', '-sbash', '-c'.count($words), '-a1', ...$tokens)[1];
    };
    $file = CIRCUITS.'gas-furnace.yaml';
    expect($complete('solve', $file, '--fault', 'HSI'))->toContain('HSI:cracked')
        ->and($complete('solve', $file, '--when', 'ca'))->toContain('call_heat=off')
        ->and($complete('meter', $file, 'vac', 'GV'))->toContain('GV.1')
        ->and(levin('completion', 'bash')[1])->toContain('complete');
});

it('advises on a call from a file: what is found, why, what is not proved behind it, and the steps of the next tests', function (): void {
    $call = tempnam(sys_get_temp_dir(), 'levin');
    file_put_contents($call, <<<'YAML'
        events:
          - observation: { part: OFM, seen: silent }
          - observation: { part: CC, seen: dropped out }
          - reading: { function: vac, red: HP.1, black: HP.2, entered: "26.6" }
        YAML);
    $open = levinJson('advise', Unit::COOLING, $call);
    expect($open['found'])->toBeNull()->and($open['suspects'][0]['faults'][0])->toBeIn(['HP:open', 'HP:tripped'])
        ->and($open['next'])->toHaveCount(3)
        ->and($open['next'][0])->toHaveKeys(['kind', 'function', 'red', 'black', 'live', 'steps', 'minutes', 'outcomes'])
        ->and($open['next'][0]['steps'])->not->toBe([]);
    file_put_contents($call, <<<'YAML'
        events:
          - observation: { part: COMP, seen: silent }
          - observation: { part: OFM, seen: silent }
          - observation: { part: IBM, seen: runs }
          - observation: { part: CC, seen: pulled in }
          - reading: { function: vac, red: FU1.1, black: FU1.2, entered: "240.1" }
          - reading: { function: vac, red: CC.L1, black: CC.L2, entered: "0.1" }
          - reading: { function: vac, red: FU1.1, black: FU1.2, entered: "239.6" }
        YAML);
    $found = levinJson('advise', Unit::COOLING, $call);
    expect($found['found']['faults'])->toBe(['FU1:blown'])->and($found['unexplained'])->toBe([])
        ->and(array_column($found['why'], 'target'))->toContain('OFM', 'COMP', 'CCH')
        ->and(array_column($found['unproved_behind'], 'target'))->toContain('COMP');
    [$code, $text] = levin('advise', Unit::COOLING, $call);
    expect($code)->toBe(0)->and($text)->toContain('Found: Line fuse 1: blown')->toContain('Why, before power goes back:');
    file_put_contents($call, "events:\n  - reading: { function: vac, red: HP.9, black: HP.2, entered: '26.6' }\n");
    [$code, $text] = levin('advise', Unit::COOLING, $call);
    expect($code)->toBe(2)->and($text)->toContain('Event 1, reading')->toContain('HP.9');
    file_put_contents($call, "events:\n  - guess: { part: HP }\n");
    expect(levin('advise', Unit::COOLING, $call)[1])->toContain('Event 1 is no event: "guess"');
    file_put_contents($call, 'nothing');
    expect(levin('advise', Unit::COOLING, $call)[1])->toContain('no list of events');
    unlink($call);
    expect(levin('advise', Unit::COOLING, $call)[1])->toContain('cannot be read');
});

it('tries a sample and keeps a ledger', function (): void {
    $figures = levinJson('trial', Unit::COOLING, '--sample', '2', '--seed', '2');
    expect($figures)->toHaveKeys([
        'trials', 'right', 'found_right', 'wrong_but_sure', 'stuck', 'unsafe', 'tests_mean', 'minutes_mean', 'live_mean', 'bound_ratio',
        'calibration', 'ms_per_advice',
    ])->and($figures['trials'])->toBe(2)->and($figures['unsafe'])->toBe(0)
        ->and(levin('trial', Unit::COOLING, '--strategy', 'guess')[1])->toContain('levin, series or random')
        ->and(levin('trial', Unit::COOLING, '--kinds', 'odd')[1])->toContain('--kinds odd')
        ->and(levin('trial', Unit::COOLING, '--sample', 'x')[1])->toContain('--sample x')
        ->and(levin('trial', Unit::COOLING, '--share', '3/2')[1])->toContain('--share 3/2')
        ->and(levin('trial', Unit::COOLING, '--keep', '/no/such/folder/x')[1])->toContain('cannot be written');
    [, $text] = levin('trial', Unit::COOLING, '--sample', '1', '--strategy', 'random', '--kinds', 'cycling');
    expect($text)->toContain('wrong but sure');
});

it('goes on with trials where others left off, each playing its share', function (): void {
    $file = (string) tempnam(sys_get_temp_dir(), 'levin');
    $played = static fn (string ...$more): array => levinJson('trial', Unit::COOLING, '--sample', '2', '--keep', $file, ...$more);
    expect($played('--share', '2/2')['trials'])->toBe(1);
    // what was cut off halfway, and what was played with another seed, is not counted
    $line = (string) file_get_contents($file);
    file_put_contents($file, substr($line, 0, 50)."\n".str_replace('seed 1', 'seed 9', $line), FILE_APPEND);
    $whole = $played();
    expect($whole['trials'])->toBe(2)->and(file($file))->toHaveCount(4)->and($played())->toEqual($whole)->and(file($file))->toHaveCount(4);
    unlink($file);
});

it('judges a part by what was read, and lists the checks and what each of them takes', function (): void {
    [$code, $text] = levin('bench', 'three-leads', 'a=brown', 'b=purple', 'c=black', 'ab=118', 'ac=49', 'bc=69', 'ground=OL');
    expect($code)->toBe(0)->and($text)->toContain('GOOD: Windings good')->toContain('Black is common, brown run, purple start.');
    $weak = levinJson('bench', 'capacitor', 'marked=10', 'read=4.9', 'truck=5 5 7.5');
    expect($weak)->toMatchArray(['verdict' => 'bad', 'headline' => 'Weak'])
        ->and(levin('bench', 'capacitor', 'marked=10', 'read=4.9')[0])->toBe(1)
        ->and(implode(' ', (array) $weak['findings']))->toContain('5 µF and 5 µF in parallel');
    expect(array_keys(levinJson('bench')))->toContain('three-leads', 'capacitor', 'capacitor-under-load', 'insulation', 'supply')
        ->and(levinJson('bench', 'capacitor')['entries'])->toHaveKeys(['marked', 'read', 'tolerance']);
});

it('says what is wrong with what a check was given', function (array $arguments, string $says): void {
    [$code, $text] = levin('bench', ...$arguments);
    expect($code)->toBe(2)->and($text)->toContain($says);
})->with([
    [['no-such'], 'There is no check "no-such". There are: air-flow, capacitor,'], [['capacitor', 'marked'], '"marked" is not KEY=VALUE.'],
    [['capacitor', 'marked=40', 'read=1e99'], 'Look at the decimal and the unit again'],
    [['capacitor', 'marked=0', 'read=4'], 'marked cannot be zero'], [['capacitor', 'marked=40', 'read=40', 'tolerance=3'], 'Choose one of'],
]);

it('prints a circuit with something changed, comments and all, and says what is wrong with it then', function (): void {
    [$code, $text] = levin('edit', Unit::COOLING, 'rename CC C', 'plate C coil_ohms 14');
    expect($code)->toBe(0)->and($text)->toStartWith('# Family 1')->toContain('coil_ohms: 14')->not->toMatch('/\bCC\b/');
    [$code, $text] = levin('edit', Unit::COOLING, 'reland w24 LP.2 HP.2');
    expect($code)->toBe(1)->and($text)->toMatch('/^# line \d+: LP: Nothing is wired to LP\.2\./m')->toContain('from: HP.2, to: CC.A')
        ->and(levinJson('edit', Unit::COOLING, 'remove LP')['done'])->toBe(['LP taken out'])
        ->and(levin('edit', Unit::COOLING, 'melt LP')[0])->toBe(2);
});
