<?php

declare(strict_types=1);

use Levin\Core\Ladder\Glyph;
use Levin\Core\Operation\Settled;
use Levin\Core\Operation\Storyteller;
use Levin\Core\Parts\Catalogue;
use Levin\Core\Parts\Element;
use Levin\Core\Parts\Faults;
use Levin\Core\Parts\Kind;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Shape;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Tests\Support\Examples;
use Levin\Core\Tests\Support\Unit;

dataset('parts', fn (): array => array_map(
    fn (string $kind): array => [Examples::bench($kind)->model()->parts[str_starts_with($kind, 'supply-') ? 'SUP' : 'X']],
    array_filter(array_keys(Catalogue::classes()), fn (string $kind): bool => $kind !== 'terminals'),
));

it('has an example of every kind in its documentation, and uses most of them in the shipped circuits', function (): void {
    expect(array_keys(Examples::all()))->toBe(array_keys(Catalogue::classes()));
    $used = [];
    foreach (Unit::everyShipped() as $id) {
        foreach (Unit::shipped($id)->model()->circuit->parts as $part) {
            $used[$part->kind] = true;
        }
    }
    expect(count($used))->toBeGreaterThan(40);
});

it('fills the same elements with numbers of the right shape, healthy and failed', function (Kind $part): void {
    $conditions = Examples::bench($part->part->kind)->conditions();
    $omega = 2 * M_PI * 60;
    $places = fn (array $elements): array => array_map(fn (Element $e): array => [$e->shape, $e->nodes], $elements);
    $first = $places($part->elements($part->initialState(), new Setting($conditions, [], $omega)));
    foreach ([[], ...array_map(fn ($f): array => [$f->id => null], $part->faults())] as $modes) {
        foreach ([0.0, $omega] as $w) {
            $elements = $part->elements($part->initialState(), new Setting($conditions, $modes, $w));
            expect($places($elements))->toBe($first);
            foreach ($elements as $element) {
                expect(array_filter($element->values, is_finite(...)))->toHaveCount(match ($element->shape) {
                    Shape::Admittance => 2,
                    Shape::Source => 4,
                    Shape::Coupled => 8,
                });
            }
        }
    }
})->with('parts');

it('has failure modes with a weight and a name of their own', function (Kind $part): void {
    $ids = array_map(fn ($f): string => $f->id, $part->faults());
    expect($ids)->toBe(array_values(array_unique($ids)));
    foreach ($part->faults() as $fault) {
        expect($fault->weight)->toBeGreaterThan(0)->and($fault->label)->not->toBe('');
    }
})->with('parts');

/** Whether a fault changes anything that can be read or seen: a state, a voltage, or dead the ohms of its part, or of a wire to ground. */
function showsItself(Unit $unit, string $fault, Settled $fine, array $before = []): bool
{
    $failed = $unit->settle($fine->conditions, [$fault], $before);
    if ($failed->states !== $fine->states || $failed->chattering !== $fine->chattering) {
        return true;
    }
    foreach ($fine->re as $n => $re) {
        if (hypot($re - $failed->re[$n], $fine->im[$n] - $failed->im[$n]) > 1e-6) {
            return true;
        }
    }
    $component = $unit->model()->parts[$unit->model()->faults->find($fault)->target] ?? null;
    if ($component !== null && $failed->observed($component->part->id) !== $fine->observed($component->part->id)) {
        return true;
    }
    $networks = array_map(fn (Settled $s) => $unit->settler->dead($s->conditions, $s->faults, $s->states, 0.0), [$fine, $failed]);
    $wire = $unit->model()->circuit->wires[$unit->model()->faults->find($fault)->target] ?? null;
    $pairs = $wire === null
        ? array_map(fn (array $pair): array => array_map($component->part->point(...), $pair), $component?->probePairs() ?? [])
        : [[$wire->from, $wire->case]];
    foreach ($pairs as $pair) {
        [$p, $q] = array_map($unit->model()->node(...), $pair);
        [$was, $is] = array_map(fn ($network): float => $network->impedanceBetween($p, $q)->re, $networks);
        if (abs($is - $was) > 1e-3 * $was) {
            return true;
        }
    }

    return false;
}

it('has no failure mode that shows nowhere, under no condition of the unit it is in', function (string $id): void {
    $unit = Unit::shipped($id);
    $circuit = $unit->model()->circuit;
    $situations = [
        $unit->conditions(),
        $unit->off(),
        $unit->conditions(array_map(fn ($c): bool => ! $c->default, array_filter($circuit->conditions, fn ($c): bool => ! $c->power))),
    ];
    $calls = array_filter($circuit->conditions, fn ($c): bool => str_starts_with($c->name, 'call_'));
    $situations[] = $unit->conditions(array_map(fn ($c): bool => ! $c->default, $calls));
    foreach ($circuit->conditions as $condition) {
        $situations[] = $unit->conditions([$condition->name => ! $condition->default]);
    }
    foreach (array_filter($circuit->quantities, fn ($q): bool => ! $q->quick) as $quantity) {
        array_push($situations, $unit->conditions([$quantity->name => -1000]), $unit->conditions([$quantity->name => 100000]));
    }
    // these are seen only through time or several faults at once
    $patient = [
        'weak',
        'stuck-moved',
        'drifted',
        'end-stuck',
        'overload-open',
        'welded',
        'h-welded',
        'f-welded',
        'h-burnt',
        'clock-dead',
        'second-welded',
    ];
    $hidden = array_filter(
        array_keys($unit->model()->faults->all),
        fn (string $fault): bool => ! str_starts_with($fault, 'DB:')
            && ! in_array($unit->model()->faults->find($fault)->mode->id, $patient, true),
    );
    foreach ($situations as $conditions) {
        $fine = $unit->settle($conditions);
        $hidden = array_filter($hidden, fn (string $fault): bool => ! showsItself($unit, $fault, $fine));
    }
    // what is fed for a moment only, as a spark: on the way that a call takes
    $called = $unit->conditions(array_map(fn ($c): bool => ! $c->default, $calls));
    $way = $hidden === [] ? [] : (new Storyteller($unit->model(), $unit->settler->networks))->tell($called, Faults::none())->stretches;
    foreach ($way as $stretch) {
        $fine = $stretch->settled;
        $hidden = array_filter($hidden, fn (string $fault): bool => ! showsItself($unit, $fault, $fine, $fine->states));
    }
    expect(implode(' ', $hidden))->toBe('');
})->with(Unit::everyShipped());

it('names only its own terminals in symbols and probe pairs', function (Kind $part): void {
    expect($part->part->terminals)->not->toBe([]);
    foreach ([
        ...array_map(fn ($s): array => [$s->left, $s->right], $part->symbols()),
        ...$part->probePairs(),
        ...$part->capacitorPairs(),
        ...$part->sourceTerminals(),
    ] as $pair) {
        foreach ($pair as $terminal) {
            expect($part->part->terminals)->toContain($terminal);
        }
    }
})->with('parts');

it('conducts no energy out of nothing: every healthy part takes power and gives none', function (Kind $part): void {
    // the real part of each two-terminal admittance of a passive part is never negative (physics)
    $healthy = new Setting(Examples::bench($part->part->kind)->conditions(), [], 2 * M_PI * 60);
    foreach ($part->elements($part->initialState(), $healthy) as $element) {
        expect($element->conductance())->toBeGreaterThanOrEqual(0);
        if ($element->shape === Shape::Coupled) {
            // for a coupled pair the Hermitian part must not be negative definite in either port
            expect($element->values[6])->toBeGreaterThanOrEqual(0);
        }
    }
})->with('parts');

it('has strokes for every symbol, drawn from lead to lead', function (SymbolShape $shape): void {
    foreach ([Glyph::open($shape), Glyph::closed($shape)] as $strokes) {
        expect($strokes)->toStartWith('M-46 0')->toContain('46');
    }
})->with(SymbolShape::cases());

it('lets no number through a plate that is none', function (): void {
    $field = Levin\Core\Parts\Field::number('amps', 'A', 'rating', 5, 400);
    expect($field)->admits(5)->toBeTrue()->admits(400.0)->toBeTrue()
        ->admits(4.99)->toBeFalse()->admits(400.1)->toBeFalse()->admits(NAN)->toBeFalse()->admits(INF)->toBeFalse()
        ->admits('5')->toBeFalse();
});
