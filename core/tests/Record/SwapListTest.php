<?php

declare(strict_types=1);

use Levin\Core\Record\EventType;
use Levin\Core\Record\Refusal;
use Levin\Core\Record\SwapLead;
use Levin\Core\Record\SwapList;
use Levin\Core\Tests\Support\Unit;

/** @return array{EventType, array<string, mixed>} */
function movedTo(string $wire, string $to): array
{
    return [EventType::Moved, ['part' => 'BR', 'wire' => $wire, 'to' => $to]];
}

/** The blower relay's five leads, to a relay whose letters are its own. */
const ON_RELAY = ['w53' => 'A1', 'w54' => 'A2', 'w32' => 'COM', 'w37' => 'COM', 'w34' => 'NO'];

/** @return list<string> */
function stillOn(SwapList $list): array
{
    return array_map(static fn (SwapLead $l): string => $l->wire, $list->left());
}

// swapping wire for wire, one at a time, on a dead circuit: common practice, no published source
it('lists the wires of a part terminal by terminal, with colour and other end, and what is moved', function (): void {
    $circuit = Unit::cooling()->model()->circuit;
    $list = SwapList::of($circuit, 'BR', []);
    expect(array_map(static fn (SwapLead $l): string => $l->words(), $list->leads))->toBe([
        'green wire from 1 to AH.G', 'blue wire from 3 to AH.C', 'black wire from 2 to JB.L1', 'black wire from 2 to T1.H1',
        'black wire from 4 to IBM.R',
    ])->and($list->isDone)->toBeFalse();
    $log = admitted([...switchedOff(), [EventType::ProvedDead, PROOF], movedTo('w53', ' A1 '), movedTo('w34', 'NO')]);
    $list = SwapList::of($circuit, 'BR', $log);
    expect(stillOn($list))->toBe(['w54', 'w32', 'w37'])->and($list->on('w53')->movedTo)->toBe('A1')
        // another part's wires are its own
        ->and(stillOn(SwapList::of($circuit, 'CC', $log)))->toHaveCount(count(SwapList::of($circuit, 'CC', [])->leads));
});

it('is done only when no wire is left over, and begins anew with the next one', function (): void {
    $circuit = Unit::cooling()->model()->circuit;
    $moves = array_map(movedTo(...), array_keys(ON_RELAY), ON_RELAY);
    $dead = [...switchedOff(), [EventType::ProvedDead, PROOF]];
    $done = [EventType::Swapped, ['part' => 'BR']];
    expect(fn () => admitted([...$dead, ...array_slice($moves, 0, 4), $done]))
        ->toThrow(Refusal::class, 'One wire is left over on BR: black wire from 4 to IBM.R. Move it')
        ->and(fn () => admitted([...$dead, $moves[0], $done]))->toThrow(Refusal::class, '4 wires are left over');
    $log = admitted([...$dead, ...$moves, $done]);
    expect(SwapList::of($circuit, 'BR', $log)->isDone)->toBeTrue()
        ->and(end($log)->data)->toMatchArray(['label' => 'Blower relay', 'wires' => 5]);
    $again = admitted([...$dead, ...$moves, $done, $moves[0]]);
    expect(SwapList::of($circuit, 'BR', $again)->isDone)->toBeFalse()->and(stillOn(SwapList::of($circuit, 'BR', $again)))->toHaveCount(4);
    // one that was ticked by mistake is struck out
    $struck = admitted([...$dead, ...$moves, [EventType::Strike, ['event' => 'event-'.(count($dead) + 4), 'reason' => 'not yet']]]);
    expect(stillOn(SwapList::of($circuit, 'BR', $struck)))->toBe(['w34']);
});

it('moves wires on a dead circuit only, of that part, and to a terminal that is named', function (array $steps, string $says): void {
    expect(fn () => admitted($steps))->toThrow(Refusal::class, $says);
})->with([
    'live' => [[movedTo('w53', 'A1')], 'dead'],
    'not on it' => [[...switchedOff(), [EventType::ProvedDead, PROOF], movedTo('w10', 'A1')], 'no wire on BR'],
    'nowhere' => [[...switchedOff(), [EventType::ProvedDead, PROOF], movedTo('w53', ' ')], 'which terminal'],
    'no such part' => [[[EventType::Moved, ['part' => 'XX', 'wire' => 'w53', 'to' => 'A']]], 'XX'],
]);
