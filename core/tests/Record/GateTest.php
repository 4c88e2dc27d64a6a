<?php

declare(strict_types=1);

use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;
use Levin\Core\Record\Gate;
use Levin\Core\Record\Refusal;
use Levin\Core\Record\Rung\Contact;
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

/** @return array{EventType, array<string, mixed>} */
function aFinding(): array
{
    return [EventType::Finding, ['faults' => ['HP:open']]];
}

/**
 * With a jumper on every contact of the rung.
 *
 * @return list<array{EventType, array<string, mixed>}>
 */
function closedAnyway(): array
{
    $waived = static fn (Contact $c): array => [EventType::Waived, ['contact' => $c->value, 'on' => true, 'reason' => 'x']];

    return [...array_map($waived, Contact::cases()), [EventType::Closed, []]];
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
        'Only what was read, seen or done',
    ],
    'striking twice' => [[
        [EventType::Observation, ['part' => 'CC', 'seen' => 'pulled in']],
        [EventType::Strike, ['event' => 'event-0', 'reason' => 'y']],
        [EventType::Strike, ['event' => 'event-0', 'reason' => 'z']],
    ], 'struck out already'],
    'writing in a closed call' => [[...closedAnyway(), [EventType::Note, ['text' => 'late']]], 'Reopen it first'],
    'reopening an open call' => [[[EventType::Reopened, ['reason' => 'x']]], 'open already'],
    'closing past an open contact' => [[[EventType::Closed, []]], 'cannot be closed: "Seen" is open. Read what was done'],
    'a contact that is not on the rung' => [
        [[EventType::Waived, ['contact' => 'paid', 'on' => true, 'reason' => 'x']]], 'one of: seen, found',
    ],
    'waiving for no reason' => [[[EventType::Waived, ['contact' => 'told', 'on' => true]]], 'Say why it is waived'],
    'a complaint of nobody' => [[[EventType::Complaint, ['words' => ' ', 'pattern' => 'now and then']]], 'what the customer says'],
    'a complaint that comes when it likes' => [
        [[EventType::Complaint, ['words' => 'x', 'pattern' => 'often']]], 'all the time, now and then',
    ],
    'a cause of nothing' => [[[EventType::Cause, ['kind' => 'wear']]], 'Nothing is found yet'],
    'a cause looked for nowhere' => [[aFinding(), [EventType::Cause, ['kind' => 'not found']]], 'Nothing was looked for yet'],
    'a cause without a word' => [[aFinding(), [EventType::Cause, ['kind' => 'found']]], 'Say what made it fail'],
    'work without a word' => [[[EventType::Worked, ['target' => 'CC']]], 'Say what was done'],
    'work on nothing there is' => [[[EventType::Worked, ['target' => 'CX', 'words' => 'x']]], 'CX'],
    'left somehow' => [[[EventType::Left, ['how' => 'so so', 'words' => 'x']]], 'made safe, condemned, return'],
    'left without what is off' => [[[EventType::Left, ['how' => 'return', 'words' => 'x', 'off' => ['no_such']]]], 'no_such'],
    'condemned and running' => [[[EventType::Left, ['how' => 'condemned', 'words' => 'x']]], 'What is condemned is off'],
    'watched for no time' => [[[EventType::Watched, ['minutes' => 0, 'as_expected' => true]]], 'for how many minutes'],
    'watched it fail without a word' => [[[EventType::Watched, ['minutes' => 9, 'as_expected' => false]]], 'that it should not'],
    'told nobody' => [[[EventType::WasTold, ['words' => 'x']]], 'whom you told'],
    'told nothing' => [[[EventType::WasTold, ['who' => 'x']]], 'what you told them'],
    'nothing wrong, and something' => [
        [[EventType::Finding, ['nothing' => true, 'words' => 'x', 'faults' => ['HP:open']]]], 'have "faults" too',
    ],
    'nothing wrong, nothing checked' => [[[EventType::Finding, ['nothing' => true]]], 'what was checked'],
    'unexplained, and never read' => [[[EventType::Finding, ['faults' => ['HP:open'], 'unexplained' => ['event-9']]]], 'of this call'],
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
    'finding that nothing is wrong' => [
        [], EventType::Finding, ['nothing' => true, 'words' => ' all legs, both fuses '],
        ['faults' => [], 'nothing' => true, 'words' => 'all legs, both fuses', 'label' => 'No electrical fault here: all legs, both fuses'],
    ],
    'finding beside another one, with what it leaves' => [
        [[EventType::Observation, ['part' => 'CC', 'seen' => 'buzzes']], aFinding()],
        EventType::Finding, ['words' => 'bees', 'beside' => true, 'unexplained' => ['event-0', 'event-0']],
        ['faults' => [], 'words' => 'bees', 'label' => 'bees', 'cause' => '', 'beside' => true, 'unexplained' => ['event-0']],
    ],
    'history' => [[], EventType::HistoryRead, ['visits' => 3], ['visits' => 3]],
    'complaint' => [
        [], EventType::Complaint, ['words' => ' hall is hot ', 'since' => ' Monday ', 'pattern' => 'now and then'],
        ['words' => 'hall is hot', 'since' => 'Monday', 'pattern' => 'now and then'],
    ],
    'cause' => [[aFinding()], EventType::Cause, ['kind' => 'wear'], ['kind' => 'wear', 'words' => '']],
    'cause not found' => [
        [aFinding(), [EventType::LookedFor, ['target' => 'OFM', 'result' => 'ok']]], EventType::Cause, ['kind' => 'not found'],
        ['kind' => 'not found', 'words' => ''],
    ],
    'work on a part' => [
        [], EventType::Worked, ['target' => 'CC', 'words' => 'lugs cleaned', 'before' => '1.2 V', 'after' => '0.1 V'],
        ['target' => 'CC', 'label' => 'Contactor', 'words' => 'lugs cleaned', 'before' => '1.2 V', 'after' => '0.1 V'],
    ],
    'work on a wire' => [
        [], EventType::Worked, ['target' => 'w24', 'words' => 'splice'],
        ['target' => 'w24', 'label' => 'orange wire LP.2 – CC.A', 'words' => 'splice', 'before' => '', 'after' => ''],
    ],
    'work on no part' => [
        [], EventType::Worked, ['words' => 'coil washed'],
        ['target' => '', 'label' => '', 'words' => 'coil washed', 'before' => '', 'after' => ''],
    ],
    'left for a return' => [
        switchedOff(), EventType::Left,
        ['how' => 'return', 'words' => 'fan motor ordered', 'must_not' => 'cooling', 'off' => ['disconnect', 'disconnect']],
        ['how' => 'return', 'words' => 'fan motor ordered', 'must_not' => 'cooling', 'off' => ['disconnect']],
    ],
    'condemned' => [
        switchedOff(), EventType::Left, ['how' => 'condemned', 'words' => 'heat exchanger'],
        ['how' => 'condemned', 'words' => 'heat exchanger', 'must_not' => '', 'off' => []],
    ],
    'watched' => [
        [], EventType::Watched, ['minutes' => 12.5, 'as_expected' => true],
        ['minutes' => 12.5, 'as_expected' => true, 'words' => ''],
    ],
    'told' => [
        [], EventType::WasTold, ['who' => ' the baker ', 'words' => 'it runs', 'said' => 'good'],
        ['who' => 'the baker', 'words' => 'it runs', 'said' => 'good'],
    ],
    'waived' => [
        [], EventType::Waived, ['contact' => 'told', 'on' => true, 'reason' => ' store closed '],
        ['contact' => 'told', 'on' => true, 'reason' => 'store closed'],
    ],
    'waived no more' => [
        [], EventType::Waived, ['contact' => 'told', 'on' => false, 'reason' => 'x'], ['contact' => 'told', 'on' => false],
    ],
    'strike' => [
        [[EventType::Observation, ['part' => 'CC', 'seen' => 'buzzes']]], EventType::Strike, ['event' => 'event-0', 'reason' => ' no '],
        ['event' => 'event-0', 'reason' => 'no'],
    ],
    'closed' => [array_slice(closedAnyway(), 0, -1), EventType::Closed, ['left_off' => 'x'], []],
    'reopened' => [closedAnyway(), EventType::Reopened, ['reason' => ' again '], ['reason' => 'again']],
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
        [...closedAnyway(), [EventType::Note, ['text' => 'x']]],
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
    'an open contact' => [
        [...array_slice(closedAnyway(), 0, 6), [EventType::Closed, []]], 'type',
        'The call cannot be closed: "Told" is open. Tell the customer, and write down whom you told and what they said.',
    ],
    'no reason' => [[...closedAnyway(), [EventType::Reopened, []]], 'reason', 'Say why the call is reopened.'],
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
    [EventType::Waived, ['contact' => 'told', 'on' => true, 'reason' => str_repeat('é', 500)]],
    [EventType::Complaint, ['words' => str_repeat('é', 1000), 'since' => str_repeat('é', 120), 'pattern' => 'not known']],
    [EventType::WasTold, ['who' => str_repeat('é', 120), 'words' => str_repeat('é', 1000), 'said' => str_repeat('é', 1000)]],
]);

it('takes no text over its length', function (array $steps): void {
    expect(fn () => admitted($steps))->toThrow(Refusal::class, 'longer than');
})->with([
    [[[EventType::Finding, ['faults' => ['HP:open'], 'cause' => str_repeat('é', 1001)]]]],
    [[[EventType::Waived, ['contact' => 'told', 'on' => true, 'reason' => str_repeat('é', 501)]]]],
    [[[EventType::Complaint, ['words' => 'x', 'since' => str_repeat('é', 121), 'pattern' => 'not known']]]],
    [[[EventType::WasTold, ['who' => 'x', 'words' => str_repeat('é', 1001)]]]],
    [[...closedAnyway(), [EventType::Reopened, ['reason' => str_repeat('é', 501)]]]],
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

it('takes millivolts of a pilot, and no volts for them', function (): void {
    $gate = new Gate(Unit::shipped('wall-furnace-millivolt')->model());
    $read = fn (string $entered): array => $gate->admit(
        EventType::Reading,
        ['function' => 'vdc', 'red' => 'GV.TH', 'black' => 'GV.TP', 'entered' => $entered],
        [],
    );
    expect($read('342mV')['value'])->toBe(0.342)->and($read('0.342')['value'])->toBe(0.342)
        ->and(fn () => $read('342'))->toThrow(Refusal::class, 'cannot be volts');
});
