<?php

declare(strict_types=1);

use Levin\Core\Circuit\Clause;
use Levin\Core\File\CircuitReader;
use Levin\Core\File\InvalidCircuit;
use Levin\Core\Tests\Support\Unit;

/** The furnace's file with one thing in it changed. */
function furnaceWith(string $was, string $is): string
{
    $text = (string) file_get_contents(dirname(Unit::COOLING).'/gas-furnace.yaml');
    expect($text)->toContain($was);

    return substr_replace($text, $is, (int) strpos($text, $was), strlen($was));
}

it('says what does not fit together in a program, a quantity or a switch', function (string $was, string $is, string $message): void {
    expect(fn () => CircuitReader::fromText(furnaceWith($was, $is), 'furnace.yaml'))->toThrow(InvalidCircuit::class, $message);
})->with([
    'a step that is not there' => [
        "{ to: prove, when: [not draft] }\n            - { to: draft_stuck",
        "{ to: proof, when: [not draft] }\n            - { to: draft_stuck",
        'which is not among the steps',
    ],
    'an input that is not there' => ['when: [not limits] }', 'when: [not limitz] }', 'The inputs are'],
    'an output that is not there' => ["'on': [cool]", "'on': [cooling]", 'which is not among the outputs'],
    'a terminal that is not there' => ['call: { from: W, to: C', 'call: { from: WW, to: C', 'which the board does not have'],
    'a count that nothing adds to' => ["'tries >= 3'", "'trys >= 3'", 'Nothing adds to trys'],
    'an input without a level' => ['call: { from: W, to: C, above: 12 }', 'call: { from: W, to: C }', 'furnace.yaml'],
    'a clause of no form' => ['when: [IND runs, not vent_blocked]', 'when: [IND, not vent_blocked]', 'is not a clause'],
    'a part that is never seen so' => [
        'when: [IND runs, not vent_blocked]',
        'when: [IND spins, not vent_blocked]',
        'runs, turns without its wheel, silent',
    ],
    'a condition that is not there' => [
        'when: [IND runs, not vent_blocked]',
        'when: [IND runs, not vent_bloked]',
        'Did you mean vent_blocked',
    ],
    'a quantity that is not there' => ['senses: draft, opens_at', 'senses: draught, opens_at', 'not among the quantities'],
    'a switch with one level' => ['opens_at: 150, closes_at: 175', 'opens_at: 150, closes_at: 150', 'opens and closes at the same level'],
    'a switch that nothing works' => [
        'RO1: { kind: rollout-switch, label: Roll-out switch left, place: vestibule, plate: { opened_by: flame_rolled_out, reset: manual',
        'RO1: { kind: rollout-switch, label: Roll-out switch left, place: vestibule, plate: { reset: manual',
        'Nothing works it',
    ],
    'a reset of no kind' => [
        'opened_by: flame_rolled_out, reset: manual',
        'opened_by: flame_rolled_out, reset: perhaps',
        'automatic, manual, one-shot',
    ],
    'a program on a part that takes none' => [
        'DS: { kind: door-switch,',
        'DS: { kind: door-switch, program: { power: { from: A, to: B, above: 1 }, steps: { a: {} } },',
        'takes no program',
    ],
    'a name that is a condition too' => [
        "quantities:\n  draft:",
        "quantities:\n  gas_on: { label: Gas, unit: '', normal: 1 }\n  draft:",
        'It is a condition as well',
    ],
]);

it('reads the three forms of a clause and their opposites', function (string $text, bool $holds): void {
    $unit = Unit::shipped('gas-furnace');
    $settled = $unit->with();
    expect(Clause::parse($text)->holds($settled->conditions, $settled->observed(...)))->toBe($holds);
})->with([
    ['call_heat', true], ['not call_heat', false], ['IND runs', true], ['not IND runs', false], ['plenum > 40', true], [
        'plenum < 40',
        false,
    ], ['not plenum < 40', true], ['flame > 0.5', true],
]);

it('needs a program for a board and asks for it', function (): void {
    $text = (string) preg_replace(
        '/^    program:\n(?:      .*\n)+/m',
        '',
        (string) file_get_contents(dirname(Unit::COOLING).'/gas-furnace.yaml'),
    );
    expect(fn () => CircuitReader::fromText($text, 'furnace.yaml'))->toThrow(InvalidCircuit::class, 'needs a program');
});
