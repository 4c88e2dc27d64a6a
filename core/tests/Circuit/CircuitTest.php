<?php

declare(strict_types=1);

use Levin\Core\Circuit\BadClause;
use Levin\Core\Circuit\Clause;
use Levin\Core\Circuit\NothingInCommon;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Tests\Support\Unit;

it('finds parts, wires, points and what lies on them', function (): void {
    $circuit = Unit::cooling()->model()->circuit;
    $wire = $circuit->wire('w24');
    expect($circuit->part('CC')->id)->toBe('CC')
        ->and($circuit->partAt('CC.A')->id)->toBe('CC')
        ->and(array_column($circuit->wiresAt($wire->from), 'id'))->toContain('w24')
        ->and($circuit->points())->toContain('CC.A', $wire->from, $wire->to)
        ->and($wire->joins($wire->to))->toBeTrue()->and($wire->joins('IBM.R'))->toBeFalse();
});

it('says what is not there and what may have been meant', function (Closure $ask, string $message): void {
    expect($ask)->toThrow(UnknownName::class, $message);
})->with([
    [fn () => Unit::cooling()->model()->circuit->part('COMPP'), 'There is no part "COMPP" in this circuit. Did you mean COMP?'],
    [fn () => Unit::cooling()->model()->circuit->wire('w999'), 'There is no wire "w999"'],
    [fn () => Unit::cooling()->model()->circuit->partAt('CC.Q'), 'There is no point "CC.Q" in this circuit. Did you mean'],
    [fn () => Unit::cooling()->model()->circuit->partAt('CC'), 'There is no point "CC"'],
    [fn () => Unit::cooling()->model()->circuit->partAt('nonsense at all'), 'There is no point "nonsense at all" in this circuit.'],
]);

it('takes the nearest name for what was meant, when it is near enough to be a slip', function (string $typed, ?string $near): void {
    expect(UnknownName::nearest($typed, ['contactor', 'compressor', 'CC', 'HP']))->toBe($near);
})->with([
    ['contacter', 'contactor'],
    ['COMPRESSOR', 'compressor'],
    ['cc', 'CC'],
    ['hpp', 'HP'],
    ['x', 'CC'],
    ['thermostat', null],
    [str_repeat('c', 65), null],
]);

it('puts a jumper on as one more wire, each with a name of its own', function (): void {
    $circuit = Unit::cooling()->model()->circuit;
    $one = $circuit->jumping('HP.1', 'HP.2');
    $two = $one->jumping('LP.1', 'LP.2');
    expect($circuit->wires)->not->toHaveKey('jumper1')
        ->and($one->wire('jumper1'))->from->toBe('HP.1')->to->toBe('HP.2')->colour->toBe('jumper')
        ->and($two->wire('jumper2'))->from->toBe('LP.1')
        ->and(fn () => $circuit->jumping('HP.1', 'HP.9'))->toThrow(UnknownName::class);
});

it('swaps two wires on the part they share, and refuses two that share none', function (): void {
    $circuit = Unit::cooling()->model()->circuit;
    [$a, $b] = [$circuit->wiresAt('CC.A')[0], $circuit->wiresAt('CC.B')[0]];
    $swapped = $circuit->swapping($a->id, $b->id);
    $ends = fn ($c, string $id): array => [$c->wire($id)->from, $c->wire($id)->to];
    expect($ends($swapped, $a->id))->toContain('CC.B')->not->toContain('CC.A')
        ->and($ends($swapped, $b->id))->toContain('CC.A')->not->toContain('CC.B')
        ->and(fn () => $circuit->swapping('w10', $circuit->wiresAt('IBM.C')[0]->id))->toThrow(NothingInCommon::class, 'no part in common');
});

it('fits another part in place of the right one', function (): void {
    $circuit = Unit::cooling()->model()->circuit;
    $other = $circuit->fitting($circuit->part('CAP')->withPlate(['herm_uf' => 35.0]));
    expect($other->part('CAP')->number('herm_uf'))->toBe(35.0)
        ->and($other->part('CAP')->number('fan_uf'))->toBe($circuit->part('CAP')->number('fan_uf'))
        ->and($circuit->part('CAP')->number('herm_uf'))->not->toBe(35.0);
});

it('understands a clause in each of its forms', function (string $text, string $seen, bool $on, float $level, bool $holds): void {
    $unit = Unit::shipped('gas-furnace');
    $conditions = $unit->conditions(['call_heat' => $on, 'plenum' => $level]);
    expect(Clause::parse($text)->holds($conditions, fn (string $part): string => $part === 'IND' ? $seen : ''))->toBe($holds);
})->with([
    ['call_heat', '', true, 0, true],
    ['call_heat', '', false, 0, false],
    ['not call_heat', '', false, 0, true],
    ['not call_heat', '', true, 0, false],
    ['IND runs', 'runs', true, 0, true],
    ['IND runs', 'hums', true, 0, false],
    ['not IND runs', 'hums', true, 0, true],
    ['plenum > 50', '', true, 50.1, true],
    ['plenum > 50', '', true, 50.0, false],
    ['plenum < 50', '', true, 49.9, true],
    ['plenum < 50', '', true, 50.0, false],
    ['not plenum < 50', '', true, 50.0, true],
    ['plenum > -3.5', '', true, 0.0, true],
]);

it('holds all of some clauses or not', function (): void {
    $conditions = Unit::shipped('gas-furnace')->conditions(['call_heat' => true]);
    $all = fn (string ...$texts): bool => Clause::allHold(
        array_map(Clause::parse(...), array_values($texts)),
        $conditions,
        fn (): string => 'runs',
    );
    expect($all())->toBeTrue()->and($all('call_heat', 'IND runs'))->toBeTrue()->and($all('call_heat', 'not IND runs'))->toBeFalse();
});

it('refuses what is no clause', function (string $text): void {
    expect(fn () => Clause::parse($text))->toThrow(BadClause::class, "\"$text\" is not a clause");
})->with(['', 'Call_heat', 'plenum >= 50', 'plenum > hot', 'IND', 'ind runs fast!', '> 5', 'plenum 50']);
