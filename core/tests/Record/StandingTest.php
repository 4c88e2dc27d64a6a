<?php

declare(strict_types=1);

use Levin\Core\Diagnosis\Evidence;
use Levin\Core\Diagnosis\Look;
use Levin\Core\Diagnosis\Probe;
use Levin\Core\Diagnosis\Watch;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Record\Event;
use Levin\Core\Record\EventType;
use Levin\Core\Record\Standing;
use Levin\Core\Tests\Support\Unit;

/** @param  list<array{EventType, array<string, mixed>}>  $events */
function standing(array ...$events): Standing
{
    $log = array_map(fn (array $e, int $n): Event => new Event("e$n", $e[0], $e[1]), $events, array_keys($events));

    return Standing::after(Unit::cooling()->model()->circuit, $log);
}

/** @return array{EventType, array<string, mixed>} */
function reading(string $red, string $black, ?float $value = 1.0): array
{
    return [EventType::Reading, ['function' => 'vac', 'red' => $red, 'black' => $black, 'entered' => '', 'value' => $value]];
}

it('knows where the technician stands: where the red probe was last', function (): void {
    $circuit = Unit::cooling()->model()->circuit;
    expect(standing()->place)->toBeNull()
        ->and(standing(reading('HP.1', 'HP.2'))->place)->toBe($circuit->part('HP')->place)
        ->and(standing(reading('HP.1', 'HP.2'), reading('AH.R', 'AH.C'))->place)->toBe($circuit->part('AH')->place)
        ->and($circuit->part('AH')->place)->not->toBe($circuit->part('HP')->place);
});

it('keeps evidence with the conditions in which it was gathered, OL as no number', function (): void {
    $now = standing(
        reading('HP.1', 'HP.2', 26.5),
        [EventType::Condition, ['name' => 'call_cool', 'value' => false]],
        [EventType::Observation, ['part' => 'OFM', 'seen' => 'silent']],
        reading('HP.1', 'HP.2', null),
    );
    [$first, $seen, $last] = $now->allEvidence();
    expect($first->test)->toEqual(new Probe(MeterFunction::VoltsAc, 'HP.1', 'HP.2'))
        ->and($first->shown)->toBe(26.5)
        ->and($first->when->conditions->isOn('call_cool'))->toBeTrue()
        ->and($seen->test)->toEqual(new Look('OFM'))->and($seen->shown)->toBe('silent')
        ->and($seen->when->conditions->isOn('call_cool'))->toBeFalse()
        ->and($last->shown)->toBeNull()
        ->and(array_keys($now->evidence))->toBe(['e0', 'e2', 'e3']);
});

it('leaves struck evidence out and keeps the reason', function (): void {
    $now = standing(reading('HP.1', 'HP.2'), [EventType::Strike, ['event' => 'e0', 'reason' => 'probe slipped']]);
    expect($now->evidence)->toBe([])->and($now->struck)->toBe(['e0' => 'probe slipped']);
});

it('is proved dead only until a feed comes on, whatever else is set', function (): void {
    $dead = [
        [EventType::Condition, ['name' => 'disconnect', 'value' => false]],
        [EventType::ProvedDead, []],
    ];
    expect(standing(...$dead)->provedDead)->toBeTrue()
        ->and(standing(...[...$dead, [EventType::Condition, ['name' => 'call_cool', 'value' => true]]])->provedDead)->toBeTrue()
        ->and(standing(...[...$dead, [EventType::Condition, ['name' => 'indoor_breaker', 'value' => false]]])->provedDead)->toBeTrue()
        ->and(standing(...[...$dead, [EventType::Condition, ['name' => 'disconnect', 'value' => true]]])->provedDead)->toBeFalse();
});

it('is not proved dead any more after it was closed and reopened', function (): void {
    $closed = standing([EventType::ProvedDead, []], [EventType::Closed, []]);
    $again = standing([EventType::ProvedDead, []], [EventType::Closed, []], [EventType::Reopened, ['reason' => 'x']]);
    expect($closed)->closed->toBeTrue()->provedDead->toBeTrue()
        ->and($again)->closed->toBeFalse()->provedDead->toBeFalse();
});

it('tells which feeds are on and which are off', function (): void {
    $labels = array_map(
        fn ($c): string => $c->label,
        array_values(array_filter(Unit::cooling()->model()->circuit->conditions, fn ($c): bool => $c->power)),
    );
    $pulled = standing([EventType::Condition, ['name' => 'disconnect', 'value' => false]]);
    expect(standing())->powerStillOn()->toBe($labels)->powerOff()->toBe([])
        ->and($pulled->powerOff())->toBe(['Disconnect'])
        ->and($pulled->powerStillOn())->toBe(array_values(array_diff($labels, ['Disconnect'])));
});

it('follows leads lifted and landed', function (): void {
    $up = standing([EventType::Lead, ['wire' => 'w24', 'lifted' => true]], [EventType::Lead, ['wire' => 'w10', 'lifted' => true]]);
    expect($up->conditions->lifted)->toBe(['w10', 'w24'])
        ->and(standing(
            [EventType::Lead, ['wire' => 'w24', 'lifted' => true]],
            [EventType::Lead, ['wire' => 'w24', 'lifted' => false]],
        )->conditions->lifted)->toBe([]);
});

it('knows when what was seen was seen: as it started, now and then, and how long after it was switched on again', function (): void {
    $at = fn (string $id, EventType $type, array $data, float $at): Event => new Event($id, $type, $data, $at);
    $power = fn (string $id, bool $on, float $when): Event => $at(
        $id,
        EventType::Condition,
        ['name' => 'disconnect', 'value' => $on],
        $when,
    );
    $see = fn (string $id, string $what, ?string $moment, float $when): Event => $at(
        $id,
        EventType::Observation,
        ['part' => 'OFM', 'seen' => $what, ...$moment === null ? [] : ['moment' => $moment]],
        $when,
    );
    $standing = Standing::after(Unit::cooling()->model()->circuit, [
        $see('before', 'silent', null, 0.0), $power('off', false, 60.0), $power('on', true, 600.0),
        $see('soon', 'runs', null, 660.0), $see('watched', 'runs, hums', 'as it starts', 700.0),
        $see('both', 'runs, silent', 'comes and goes', 720.0), $see('late', 'runs', null, 9000.0),
    ]);
    expect(array_map(fn (Evidence $e): ?float => $e->when->after, $standing->allEvidence()))
        ->toBe([null, 60.0, 0.0, null, null, null])
        ->and($standing->evidence['watched'][0]->test)->toEqual(new Watch('OFM'))
        ->and(array_map(fn (Evidence $e): mixed => $e->shown, $standing->evidence['both']))->toBe(['runs', 'silent']);
});

it('keeps what came of looking for a cause, the last time', function (): void {
    $looked = fn (string $result): array => [
        EventType::LookedFor,
        ['target' => 'OFM', 'label' => 'Outdoor fan motor', 'result' => $result],
    ];
    expect(standing($looked('cannot tell'), $looked('ok'))->looked)->toBe(['OFM' => 'ok']);
});

it('takes back that a part was fitted, when that is struck out: what was learned of the old one speaks again', function (): void {
    $read = reading('CAP.C', 'CAP.HERM');
    $fitted = [EventType::Replaced, ['part' => 'CAP']];
    $before = standing($read);
    $after = standing($read, $fitted);
    $back = standing($read, $fitted, [EventType::Strike, ['event' => 'e1', 'reason' => 'the other unit']]);
    expect($after->fresh)->toBe(['CAP'])->and($after->allEvidence())->not->toEqual($before->allEvidence())
        ->and($back->fresh)->toBe([])->and($back->allEvidence())->toEqual($before->allEvidence());
});
