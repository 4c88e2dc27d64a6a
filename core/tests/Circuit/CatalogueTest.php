<?php

declare(strict_types=1);

use Levin\Core\Ladder\Glyph;
use Levin\Core\Parts\Catalogue;
use Levin\Core\Parts\Component;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Shape;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Tests\Support\Unit;

dataset('parts', fn (): array => array_map(fn (Component $c): array => [$c], array_filter(Unit::cooling()->model()->components, fn (Component $c): bool => $c->elements() !== [])));

it('has every kind in the shipped circuit', function (): void {
    $used = array_unique(array_map(fn (Component $c): string => $c->part->kind, array_values(Unit::cooling()->model()->components)));
    expect($used)->toEqualCanonicalizing(array_keys(Catalogue::classes()));
});

it('fills each element with numbers of the right shape, in every state, healthy and failed', function (Component $part): void {
    $conditions = Unit::cooling()->conditions();
    $omega = 2 * M_PI * 60;
    $modes = [[], ...array_map(fn ($f): array => [$f->id], $part->faults())];
    foreach ($modes as $mode) {
        foreach ([0.0, $omega] as $w) {
            $stamps = $part->stamps($part->initialState(), new Setting($conditions, $mode, $w, true));
            expect($stamps)->toHaveCount(count($part->elements()));
            foreach ($part->elements() as $n => $element) {
                expect($stamps[$n])->toHaveCount(match ($element->shape) {
                    Shape::Admittance => 2,
                    Shape::Source => 4,
                    Shape::Coupled => 8,
                });
                foreach ($stamps[$n] as $value) {
                    expect(is_finite($value))->toBeTrue();
                }
            }
        }
    }
})->with('parts');

it('has failure modes with a weight, a name of their own and an effect', function (Component $part): void {
    $ids = array_map(fn ($f): string => $f->id, $part->faults());
    expect($ids)->toBe(array_unique($ids));
    $on = Unit::cooling()->conditions();
    $others = array_map(fn (array $c) => Unit::cooling()->conditions($c), [['call_cool' => false, 'call_fan' => false], ['head_pressure_high' => true], ['suction_pressure_low' => true]]);
    foreach ($part->faults() as $fault) {
        expect($fault->weight)->toBeGreaterThan(0)->and($fault->label)->not->toBe('');
        $differs = false;
        foreach ([$on, ...$others] as $conditions) {
            $fine = Unit::cooling()->settler->settle($conditions);
            $failed = Unit::cooling()->settler->settle($conditions, ["{$part->part->id}:$fault->id"]);
            foreach ($fine->re as $n => $re) {
                $differs = $differs || hypot($re - $failed->re[$n], $fine->im[$n] - $failed->im[$n]) > 1e-4;
            }
        }
        expect($differs)->toBeTrue("{$part->part->id}:$fault->id changes nothing anywhere");
    }
})->with('parts');

it('names only its own terminals in symbols and probe pairs', function (Component $part): void {
    foreach ([...array_map(fn ($s): array => [$s->left, $s->right], $part->symbols()), ...$part->probePairs(), ...$part->capacitorPairs(), ...$part->sourceTerminals()] as $pair) {
        foreach ($pair as $terminal) {
            expect($part->part->terminals)->toContain($terminal);
        }
    }
})->with('parts');

it('conducts no energy out of nothing: every healthy part takes power and gives none', function (Component $part): void {
    // the real part of each two-terminal admittance of a passive part is never negative (physics)
    $stamps = $part->stamps($part->initialState(), new Setting(Unit::cooling()->conditions(), [], 2 * M_PI * 60, true));
    foreach ($part->elements() as $n => $element) {
        if ($element->shape !== Shape::Coupled) {
            expect($stamps[$n][0])->toBeGreaterThanOrEqual(0);
        } else {
            // for a coupled pair the Hermitian part must not be negative definite in either port
            expect($stamps[$n][0])->toBeGreaterThanOrEqual(0)->and($stamps[$n][6])->toBeGreaterThanOrEqual(0);
        }
    }
})->with('parts');

it('has strokes for every symbol, drawn from lead to lead', function (SymbolShape $shape): void {
    foreach ([Glyph::open($shape), Glyph::closed($shape)] as $strokes) {
        expect($strokes)->toStartWith('M-46 0')->toContain('46');
    }
})->with(SymbolShape::cases());
