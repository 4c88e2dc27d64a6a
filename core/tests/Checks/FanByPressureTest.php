<?php

declare(strict_types=1);

use Levin\Core\Checks\Air\FanByPressure;
use Levin\Core\Checks\Bench\BadGiven;
use Levin\Core\Checks\Bench\Verdict;

/** @return array<string, string> */
function noted(string $pressure, string $amps, string $contactor = 'not seen'): array
{
    return ['closes' => '300', 'opens' => '180', 'pressure' => $pressure, 'amps' => $amps, 'contactor' => $contactor];
}

it('tells the switch from what it switches, and from a sensor elsewhere', function (array $given, Verdict $is, string $headline): void {
    // on at the higher set point and off at the lower, within a twentieth (common practice, no published source)
    $judgement = (new FanByPressure)->of($given);
    expect($judgement->verdict)->toBe($is)->and($judgement->headline)->toContain($headline);
})->with([
    [noted('200 260 298 270 220 182 175 230', '0 0 0 2.1 2.1 2.1 0 0'), Verdict::Good, 'It cycles as it is set'],
    // 315 psi is five per cent over, and 285 under
    [noted('250 314 280', '0 0 2'), Verdict::Good, 'It cycles as it is set'], [noted('250 316 280', '0 0 2'),
        Verdict::Bad, 'It stands where it should run'],
    [noted('250 320 330', '0 0 0', 'pulled in'), Verdict::Bad, 'its contacts, its wires or the fan'],
    [noted('250 320 330', '0 0 0', 'dropped out'), Verdict::Bad, 'the switch, or its coil'],
    [noted('200 220 240', '0 0 2'), Verdict::Bad, 'It comes on too low'], [noted('260 240 230', '2 2 0'),
        Verdict::Bad, 'It goes off too high'],
    [noted('160 150 165', '2 2 0'), Verdict::Bad, 'It goes off too low'],
    [noted('310 340 380', '2 2 2'), Verdict::Watch, 'Pressure rises while the fan runs'],
    [noted('200 220', '0 0'), Verdict::CannotSay, 'Too little is known'], [noted('2000 kPa 2050 kPa', '0 0'),
        Verdict::CannotSay, 'Too little'],
]);

it('refuses set points that are swapped, and notes that are not in pairs', function (array $given, string $message): void {
    expect(fn () => (new FanByPressure)->of([...noted('200', '0'), ...$given]))->toThrow(BadGiven::class, $message);
})->with([
    [['closes' => '100'], 'the two are swapped'], [['amps' => '0 2'], '1 pressures and 2 amperes'],
    [['opens' => '180 V'], 'is not a unit of pressure'],
    [['opens' => '0'], 'cannot be zero'], [['pressure' => '1e99'], 'more than any pressure'],
]);
