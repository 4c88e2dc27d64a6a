<?php

declare(strict_types=1);

use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;
use Levin\Core\Record\Gate;
use Levin\Core\Record\Refusal;
use Levin\Core\Record\Standing;
use Levin\Core\Tests\Support\Unit;

const PROOF = ['known_before' => true, 'circuit_dead' => true, 'known_after' => true];

/**
 * Admits events one after another.
 *
 * @param  list<array{EventType, array<string, mixed>}>  $steps
 * @return list<Event>
 */
function admitted(array $steps): array
{
    $gate = new Gate(Unit::cooling()->model());
    $log = [];
    foreach ($steps as $n => [$type, $data]) {
        $log[] = new Event("event-$n", $type, $gate->admit($type, $data, $log));
    }

    return $log;
}

/** @return list<array{EventType, array<string, mixed>}> */
function switchedOff(): array
{
    return array_map(
        fn (string $c): array => [EventType::Condition, ['name' => $c, 'value' => false]],
        ['outdoor_breaker', 'disconnect', 'indoor_breaker'],
    );
}

it('refuses what cannot be taken, and says why and what to do', function (array $steps, string $message): void {
    expect(fn () => admitted($steps))->toThrow(Refusal::class, $message);
})->with([
    'a moment nobody knows' => [
        [[EventType::Observation, ['part' => 'OFM', 'seen' => 'runs', 'moment' => 'yesterday']]],
        'Say when it was: seconds after power and call came on, or at once, as it starts, comes and goes.',
    ],
    'two things at one moment' => [[[EventType::Observation, ['part' => 'OFM', 'seen' => 'runs, silent']]], 'runs, silent'],
    'a result nobody knows' => [[[EventType::LookedFor, ['target' => 'OFM', 'result' => 'maybe']]], 'ok, bad, cannot tell'],
    'a target that is not there' => [[[EventType::LookedFor, ['target' => 'OFN', 'result' => 'ok']]], 'OFN'],
    'ohms while not proved dead' => [
        [[EventType::Reading, ['function' => 'ohms', 'red' => 'COMP.C', 'black' => 'COMP.R', 'entered' => '0.7']]],
        'not proved dead',
    ],
    'proof with a feed still on' => [
        [[EventType::Condition, ['name' => 'disconnect', 'value' => false]], [EventType::ProvedDead, PROOF]],
        'Still on: Outdoor breaker, Indoor breaker',
    ],
    'half a proof' => [[...switchedOff(), [EventType::ProvedDead, [...PROOF, 'known_after' => false]]], 'on the known source again'],
    'no such point' => [
        [[EventType::Reading, ['function' => 'vac', 'red' => 'CC.X', 'black' => 'CC.B', 'entered' => '24']]],
        'There is no point "CC.X"',
    ],
    'no such point for the black one' => [
        [[EventType::Reading, ['function' => 'vac', 'red' => 'CC.A', 'black' => 'CC.X', 'entered' => '24']]],
        'There is no point "CC.X"',
    ],
    'both probes on one point' => [
        [[EventType::Reading, ['function' => 'vac', 'red' => 'CC.A', 'black' => 'CC.A', 'entered' => '24']]],
        'same point',
    ],
    'no such function' => [
        [[EventType::Reading, ['function' => 'smell', 'red' => 'CC.A', 'black' => 'CC.B', 'entered' => '24']]],
        'no meter function',
    ],
    'letters for a reading' => [
        [[EventType::Reading, ['function' => 'vac', 'red' => 'CC.A', 'black' => 'CC.B', 'entered' => 'high']]],
        'not a reading',
    ],
    'a motor that explodes' => [[[EventType::Observation, ['part' => 'COMP', 'seen' => 'explodes']]], 'Choose one of: runs, hums, silent'],
    'looking at a wire nut' => [[[EventType::Observation, ['part' => 'LV', 'seen' => 'runs']]], 'nothing to see'],
    'lifting a live lead' => [[[EventType::Lead, ['wire' => 'w24', 'lifted' => true]]], 'Prove it dead first'],
    'an empty note' => [[[EventType::Note, ['text' => '  ']]], 'empty'],
    'a finding of nothing' => [[[EventType::Finding, ['faults' => []]]], 'at least one fault'],
    'a fault that is not' => [[[EventType::Finding, ['faults' => ['HP:melted']]]], 'There is no fault'],
    'striking a note' => [
        [[EventType::Note, ['text' => 'x']], [EventType::Strike, ['event' => 'event-0', 'reason' => 'y']]],
        'Only a reading or an observation',
    ],
    'striking twice' => [[
        [EventType::Observation, ['part' => 'CC', 'seen' => 'pulled in']],
        [EventType::Strike, ['event' => 'event-0', 'reason' => 'y']],
        [EventType::Strike, ['event' => 'event-0', 'reason' => 'z']],
    ], 'struck out already'],
    'writing in a closed call' => [[[EventType::Closed, []], [EventType::Note, ['text' => 'late']]], 'Reopen it first'],
    'reopening an open call' => [[[EventType::Reopened, ['reason' => 'x']]], 'open already'],
    'closing with a lead lifted' => [
        [...switchedOff(), [EventType::ProvedDead, PROOF], [EventType::Lead, ['wire' => 'w24', 'lifted' => true]], [EventType::Closed, []]],
        'Leads are still lifted: w24',
    ],
]);

it('takes a dead test once every feed is off and the circuit is proved dead, until power comes back', function (): void {
    $ohms = [EventType::Reading, ['function' => 'ohms', 'red' => 'COMP.C', 'black' => 'COMP.R', 'entered' => '0.7']];
    $log = admitted([...switchedOff(), [EventType::ProvedDead, PROOF], $ohms]);
    expect(Standing::after(Unit::cooling()->model()->circuit, $log)->provedDead)->toBeTrue();
    expect(fn () => admitted(
        [...switchedOff(), [EventType::ProvedDead, PROOF], [EventType::Condition, ['name' => 'indoor_breaker', 'value' => true]], $ohms],
    ))
        ->toThrow(Refusal::class, 'not proved dead');
});

it('keeps what was typed beside what it means', function (): void {
    $log = admitted([[EventType::Reading, ['function' => 'vac', 'red' => 'LV.Y', 'black' => 'LV.C', 'entered' => ' 300 mV ']]]);
    expect($log[0]->data)->toMatchArray(['entered' => '300 mV', 'value' => 0.3, 'overload' => false]);
});

it('counts a reading under the conditions in which it was taken, and a struck one not at all', function (): void {
    $circuit = Unit::cooling()->model()->circuit;
    $log = admitted([
        [EventType::Observation, ['part' => 'CC', 'seen' => 'pulled in']],
        [EventType::Condition, ['name' => 'call_cool', 'value' => false]],
        [EventType::Observation, ['part' => 'CC', 'seen' => 'dropped out']],
        [EventType::Strike, ['event' => 'event-0', 'reason' => 'looked at the wrong one']],
    ]);
    $standing = Standing::after($circuit, $log);
    expect(array_keys($standing->evidence))->toBe(['event-2'])
        ->and($standing->evidence['event-2'][0]->when->conditions->isOn('call_cool'))->toBeFalse()
        ->and($standing->struck)->toBe(['event-0' => 'looked at the wrong one']);
});

/** A unit made dead, proved, with one lead up. */
function deadWithALeadUp(): array
{
    return [...switchedOff(), [EventType::ProvedDead, PROOF], [EventType::Lead, ['wire' => 'w24', 'lifted' => true]]];
}

it('admits each kind of event as exactly this, and nothing else that was sent', function (
    array $before,
    EventType $type,
    array $sent,
    array $kept,
): void {
    $log = admitted([...$before, [$type, [...$sent, 'unasked' => 'for']]]);
    expect($log[count($log) - 1]->data)->toBe($kept);
})->with([
    'observation' => [[], EventType::Observation, ['part' => ' CC ', 'seen' => 'buzzes'], ['part' => 'CC', 'seen' => 'buzzes']],
    'condition' => [[], EventType::Condition, ['name' => 'call_fan', 'value' => false], ['name' => 'call_fan', 'value' => false]],
    'lead up' => [
        [...switchedOff(), [EventType::ProvedDead, PROOF]], EventType::Lead, ['wire' => 'w24', 'lifted' => true], [
            'wire' => 'w24',
            'lifted' => true,
        ],
    ],
    'lead down' => [deadWithALeadUp(), EventType::Lead, ['wire' => 'w24', 'lifted' => false], ['wire' => 'w24', 'lifted' => false]],
    'reading' => [
        [], EventType::Reading, ['function' => 'vac', 'red' => 'CC.A', 'black' => 'CC.B', 'entered' => '26.4'],
        ['function' => 'vac', 'red' => 'CC.A', 'black' => 'CC.B', 'entered' => '26.4', 'value' => 26.4, 'overload' => false],
    ],
    'OL' => [
        [], EventType::Reading, ['function' => 'vac', 'red' => 'CC.A', 'black' => 'CC.B', 'entered' => 'ol'],
        ['function' => 'vac', 'red' => 'CC.A', 'black' => 'CC.B', 'entered' => 'ol', 'value' => null, 'overload' => true],
    ],
    'proof' => [switchedOff(), EventType::ProvedDead, PROOF, PROOF],
    'seen at once' => [
        [], EventType::Observation, ['part' => 'OFM', 'seen' => 'hums', 'moment' => 'at once'],
        ['part' => 'OFM', 'seen' => 'hums', 'moment' => 'at once'],
    ],
    'all that was seen as it started, in the order of its kind' => [
        [], EventType::Observation, ['part' => 'OFM', 'seen' => 'silent, runs,silent', 'moment' => 'as it starts'],
        ['part' => 'OFM', 'seen' => 'runs, silent', 'moment' => 'as it starts'],
    ],
    'the most volts as it started' => [
        [], EventType::Reading, ['function' => 'vac', 'red' => 'CC.A', 'black' => 'CC.B', 'entered' => '26.4', 'moment' => 'as it starts'],
        [
            'function' => 'vac', 'red' => 'CC.A', 'black' => 'CC.B', 'entered' => '26.4', 'value' => 26.4, 'overload' => false,
            'moment' => 'as it starts',
        ],
    ],
    'looked for' => [
        [], EventType::LookedFor, ['target' => 'OFM', 'result' => 'ok'],
        ['target' => 'OFM', 'label' => 'Outdoor fan motor', 'result' => 'ok'],
    ],
    'finding in own words' => [
        [], EventType::Finding, ['words' => ' mouse in the contactor ', 'cause' => ''],
        ['faults' => [], 'words' => 'mouse in the contactor', 'label' => 'mouse in the contactor', 'cause' => ''],
    ],
    'note' => [[], EventType::Note, ['text' => ' bees '], ['text' => 'bees']],
    'finding' => [
        [], EventType::Finding, ['faults' => ['HP:open', 'HP:tripped', 7], 'cause' => ' flour '],
        [
            'faults' => ['HP:open', 'HP:tripped'],
            'label' => 'High-pressure switch: open with nothing wrong · or · High-pressure switch: head pressure too high (it did its job)',
            'cause' => 'flour',
        ],
    ],
    'strike' => [
        [[EventType::Observation, ['part' => 'CC', 'seen' => 'buzzes']]], EventType::Strike, ['event' => 'event-0', 'reason' => ' no '],
        ['event' => 'event-0', 'reason' => 'no'],
    ],
    'closed' => [[], EventType::Closed, [], []],
    'closed with the power off' => [switchedOff(), EventType::Closed, ['left_off' => ' part tomorrow '], ['left_off' => 'part tomorrow']],
    'reopened' => [[[EventType::Closed, []]], EventType::Reopened, ['reason' => ' again '], ['reason' => 'again']],
]);

it('says in full what to do', function (array $steps, string $field, string $message): void {
    try {
        admitted($steps);
    } catch (Refusal $refusal) {
        expect($refusal->field)->toBe($field)->and($refusal->getMessage())->toBe($message);

        return;
    }
    throw new LogicException('It was taken.');
})->with([
    'closed' => [
        [[EventType::Closed, []], [EventType::Note, ['text' => 'x']]],
        'type',
        'This call is closed. Reopen it first; nothing was changed.',
    ],
    'too long' => [
        [[EventType::Note, ['text' => str_repeat('é', 4001)]]],
        'text',
        '"text" is longer than 4000 characters. Shorten it; nothing was changed.',
    ],
    'too many' => [
        [[EventType::Finding, ['faults' => array_fill(0, 25, 'HP:open')]]], 'faults',
        '"faults" lists more than 24. Shorten it; nothing was changed.',
    ],
    'no flag' => [[[EventType::Condition, ['name' => 'call_fan', 'value' => 'off']]], 'value', '"value" must be true or false.'],
    'not seen' => [
        [[EventType::Observation, ['part' => 'CC', 'seen' => 'sings']]], 'seen',
        '"sings" is not something CC can do. Choose one of: pulled in, buzzes, dropped out.',
    ],
    'power on lifted leads' => [
        [...deadWithALeadUp(), [EventType::Condition, ['name' => 'disconnect', 'value' => true]]], 'value',
        'Leads are lifted: w24. Land them before power comes back.',
    ],
    'a dead test on a live circuit' => [
        [[EventType::Reading, ['function' => 'mfd', 'red' => 'CC.A', 'black' => 'CC.B', 'entered' => '5']]], 'function',
        'This circuit is not proved dead. Never put a meter on ohms, continuity or capacitance across a circuit that may be live: '
        .'switch off, lock out, then prove it dead (tester on a known source, on the circuit, on the source again).',
    ],
    'no function of a meter' => [
        [[EventType::Reading, ['function' => 'lux', 'red' => 'CC.A', 'black' => 'CC.B', 'entered' => '5']]], 'function',
        'There is no meter function "lux" here. Choose one of: vac, vac-lowz, vdc, ohms, continuity, mfd, uadc, amps, megohms.',
    ],
    'still on' => [
        [[EventType::ProvedDead, PROOF]], 'type',
        'Still on: Outdoor breaker, Disconnect, Indoor breaker. Switch off every feed and lock it out before proving dead; '
        .'turning off the disconnect alone does not kill the rest.',
    ],
    'not tested on the circuit' => [
        [...switchedOff(), [EventType::ProvedDead, [...PROOF, 'circuit_dead' => 1]]], 'circuit_dead',
        'The proof is not complete: test on the circuit, line to line and line to ground.',
    ],
    'no source first' => [
        [...switchedOff(), [EventType::ProvedDead, ['circuit_dead' => true, 'known_after' => true]]], 'known_before',
        'The proof is not complete: test on a known live source first.',
    ],
    'leads up' => [
        [...deadWithALeadUp(), [EventType::Closed, ['left_off' => 'x']]], 'type',
        'Leads are still lifted: w24. Land them before closing the call.',
    ],
    'power off' => [
        [...switchedOff(), [EventType::Closed, []]], 'left_off',
        'The power is off: Outdoor breaker, Disconnect, Indoor breaker. Switch it on again, or say why it stays off and who knows of it.',
    ],
    'no reason' => [[[EventType::Closed, []], [EventType::Reopened, []]], 'reason', 'Say why the call is reopened.'],
    'no reason to strike' => [
        [
            [EventType::Observation, ['part' => 'CC', 'seen' => 'buzzes']],
            [EventType::Strike, ['event' => 'event-0', 'reason' => ' ']],
        ], 'reason',
        'Say why it is struck out, so that the record stays honest.',
    ],
    'no such part' => [
        [[EventType::Observation, ['part' => 'CCC', 'seen' => 'buzzes']]],
        'data',
        'There is no part "CCC" in this circuit. Did you mean CC?',
    ],
    'no such wire' => [
        [...switchedOff(), [EventType::ProvedDead, PROOF], [EventType::Lead, ['wire' => 'w2x4', 'lifted' => true]]], 'data',
        'There is no wire "w2x4" in this circuit. Did you mean w24?',
    ],
    'no such condition' => [
        [[EventType::Condition, ['name' => 'call_cold', 'value' => true]]],
        'data',
        'There is no condition "call_cold" in this circuit. Did you mean call_cool?',
    ],
]);

it('takes every text up to its length', function (EventType $type, array $data): void {
    expect(admitted([[$type, $data]]))->toHaveCount(1);
})->with([
    [EventType::Note, ['text' => str_repeat('é', 4000)]],
    [EventType::Finding, ['faults' => array_fill(0, 24, 'HP:open'), 'cause' => str_repeat('é', 1000)]],
    [EventType::Closed, ['left_off' => str_repeat('é', 500)]],
]);

it('takes no text over its length', function (array $steps): void {
    expect(fn () => admitted($steps))->toThrow(Refusal::class, 'longer than');
})->with([
    [[[EventType::Finding, ['faults' => ['HP:open'], 'cause' => str_repeat('é', 1001)]]]],
    [[[EventType::Closed, ['left_off' => str_repeat('é', 501)]]]],
    [[[EventType::Closed, []], [EventType::Reopened, ['reason' => str_repeat('é', 501)]]]],
    [[
        [EventType::Observation, ['part' => 'CC', 'seen' => 'buzzes']],
        [EventType::Strike, ['event' => 'event-0', 'reason' => str_repeat('é', 501)]],
    ]],
]);

it('lets power come back once the lead is landed, and calls change while it is up', function (): void {
    $log = admitted([
        ...deadWithALeadUp(),
        [EventType::Condition, ['name' => 'call_cool', 'value' => true]],
        [EventType::Condition, ['name' => 'disconnect', 'value' => false]],
        [EventType::Lead, ['wire' => 'w24', 'lifted' => false]],
        [EventType::Condition, ['name' => 'disconnect', 'value' => true]],
    ]);
    expect(Standing::after(Unit::cooling()->model()->circuit, $log)->conditions->isOn('disconnect'))->toBeTrue();
});

it('does not look a name up that is longer than any, nor repeat it whole', function (): void {
    $long = [EventType::Reading, ['function' => 'vac', 'red' => str_repeat('R', 100000), 'black' => 'CC.B', 'entered' => '1']];
    expect(fn () => admitted([$long]))->toThrow(fn (Refusal $r) => expect(mb_strlen($r->getMessage()))->toBeLessThan(120)
        ->and($r->getMessage())->toStartWith('There is no point')->not->toContain('Did you mean'));
});
