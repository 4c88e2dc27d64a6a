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
    $process = new Process([PHP_BINARY, __DIR__.'/../../../bin/levin', ...array_values($arguments)]);
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

it('settles under conditions and faults', function (): void {
    $healthy = levinJson('solve', Unit::COOLING);
    $off = levinJson('solve', Unit::COOLING, '--when', 'call_cool=off', '--fault', 'CC:welded');
    expect($healthy['states'])->toMatchArray(['CC' => 'pulled in', 'COMP' => 'runs'])
        ->and($healthy['settles'])->toBeTrue()
        ->and($off['states'])->toMatchArray(['CC' => 'pulled in', 'COMP' => 'runs'])
        ->and(levin('solve', Unit::COOLING)[1])->toContain('COMP.R');
});

it('reads a meter', function (): void {
    expect(trim(levin('meter', Unit::COOLING, 'vac', 'HP.1', 'HP.2', '-f', 'HP:open')[1]))->toBe('26.67 V')
        ->and(levinJson('meter', Unit::COOLING, 'ohms', 'CC.A', 'CC.B', '-w', 'outdoor_breaker=off', '-w', 'indoor_breaker=off', '-w', 'lifted=w24'))->toMatchArray(['value' => 12, 'unit' => 'Ω', 'overload' => false])
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
