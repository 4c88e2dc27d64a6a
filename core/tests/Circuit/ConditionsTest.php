<?php

declare(strict_types=1);

use Levin\Core\Circuit\Conditions;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Tests\Support\Unit;

function healthy(): Conditions
{
    return Conditions::healthyDefaults(Unit::shipped('gas-furnace')->model()->circuit);
}

it('starts as the file says a healthy unit stands', function (): void {
    $circuit = Unit::shipped('gas-furnace')->model()->circuit;
    foreach ($circuit->conditions as $condition) {
        expect(healthy()->isOn($condition->name))->toBe($condition->default);
    }
    foreach ($circuit->quantities as $quantity) {
        expect(healthy()->number($quantity->name))->toBe($quantity->normal)->and(healthy()->isQuantity($quantity->name))->toBeTrue();
    }
    expect(healthy()->lifted)->toBe([])->and(healthy()->removed)->toBe([])->and(healthy()->isQuantity('breaker'))->toBeFalse();
});

it('changes one thing and leaves what it came from as it was', function (): void {
    $before = healthy();
    $after = $before->with('call_heat', false)->lifting(['w2', 'w1'])->removing(['LIM', 'HSI'])->withNumbers(['plenum' => 80.0]);
    expect($before->isOn('call_heat'))->toBeTrue()->and($before->lifted)->toBe([])->and($before->removed)->toBe([])
        ->and($after->isOn('call_heat'))->toBeFalse()
        ->and($after->lifted)->toBe(['w1', 'w2'])
        ->and($after->removed)->toBe(['HSI', 'LIM'])
        ->and($after->number('plenum'))->toBe(80.0)
        ->and($after->hasLifted('w1'))->toBeTrue()->and($after->hasLifted('w3'))->toBeFalse()
        ->and($after->hasRemoved('LIM'))->toBeTrue()->and($after->hasRemoved('RO1'))->toBeFalse();
});

it('lifts a wire once, and lands only what is named', function (): void {
    $up = healthy()->lifting(['w1', 'w2'])->lifting(['w2', 'w3']);
    expect($up->lifted)->toBe(['w1', 'w2', 'w3'])
        ->and($up->landing(['w2'])->lifted)->toBe(['w1', 'w3'])
        ->and($up->landing(['w9'])->lifted)->toBe(['w1', 'w2', 'w3'])
        ->and(healthy()->removing(['A', 'B'])->restoring(['A'])->removed)->toBe(['B']);
});

it('goes back to power for how the unit ran, and to everything for how it should run', function (): void {
    $circuit = Unit::shipped('gas-furnace')->model()->circuit;
    $off = Conditions::poweredDown($circuit, healthy()->with('call_heat', false)->lifting(['w1'])->removing(['HSI']));
    $power = array_filter($circuit->conditions, fn ($c): bool => $c->power);
    expect($power)->not->toBe([]);
    foreach ($power as $condition) {
        expect(
            $off->isOn($condition->name),
        )->toBeFalse()->and($off->energised($circuit)->isOn($condition->name))->toBe($condition->default);
    }
    expect($off->energised($circuit)->isOn('call_heat'))->toBeFalse()
        ->and($off->energised($circuit)->lifted)->toBe([])
        // a part that is out is out, whatever the switches do
        ->and($off->energised($circuit)->removed)->toBe(['HSI'])
        ->and($off->calling($circuit)->isOn('call_heat'))->toBeTrue()
        ->and($off->calling($circuit)->lifted)->toBe([])
        ->and($off->lifted)->toBe(['w1']);
});

it('has the same key for the same conditions and another for any other', function (): void {
    $same = healthy()->with('call_heat', false)->with('call_heat', true);
    $others = [
        healthy()->with('call_heat', false),
        healthy()->lifting(['w1']),
        healthy()->removing(['w1']),
        healthy()->withNumbers(['plenum' => 21.5]),
        healthy()->lifting(['w1', 'w2']),
    ];
    $keys = array_map(fn (Conditions $c): string => $c->key(), [healthy(), ...$others]);
    expect($same->key())->toBe(healthy()->key())
        ->and(array_unique($keys))->toHaveCount(count($keys))
        ->and(healthy()->lifting(['w2', 'w1'])->key())->toBe(healthy()->lifting(['w1', 'w2'])->key());
});

it('names what is not there, with what was meant', function (Closure $ask, string $message): void {
    expect($ask)->toThrow(UnknownName::class, $message);
})->with([
    [fn () => healthy()->isOn('call_heet'), 'There is no condition "call_heet" in this circuit. Did you mean call_heat?'],
    [fn () => healthy()->with('call_heet', true), 'Did you mean call_heat?'],
    [fn () => healthy()->number('plenun'), 'Did you mean plenum?'],
    [fn () => healthy()->withNumbers(['plenun' => 1.0]), 'Did you mean plenum?'],
    [fn () => healthy()->with('plenun', true), 'Did you mean plenum?'],
]);
