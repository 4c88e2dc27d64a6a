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
        ->and($standing->evidence['event-2']->conditions()->isOn('call_cool'))->toBeFalse()
        ->and($standing->struck)->toBe(['event-0' => 'looked at the wrong one']);
});
