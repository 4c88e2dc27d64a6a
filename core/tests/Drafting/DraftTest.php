<?php

declare(strict_types=1);

use Levin\Core\Circuit\Circuit;
use Levin\Core\Drafting\CannotEdit;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edits;
use Levin\Core\Drafting\Edits\Reland;
use Levin\Core\Drafting\Edits\Remove;
use Levin\Core\Drafting\Edits\Rename;
use Levin\Core\Drafting\Edits\SetPlate;
use Levin\Core\Drafting\Review;
use Levin\Core\Tests\Support\Unit;

const DRAWN = __DIR__.'/../../../circuits/';

function draft(string $id = 'split-cooling'): Draft
{
    return Draft::of((string) file_get_contents(DRAWN."$id.yaml"));
}

/** @return list<array{string, string, string}> each wire's ends, and colour */
function joined(Circuit $circuit): array
{
    return array_values(array_map(static fn ($w): array => [$w->from, $w->to, $w->colour], $circuit->wires));
}

it('is the shipped circuit while nothing is changed', function (string $id): void {
    $draft = draft($id);
    expect($draft->text())->toBe((string) file_get_contents(DRAWN."$id.yaml"))->and(Review::of($draft)->wrong)->toBe([])
        ->and($draft->circuit())->toEqual(Unit::shipped($id)->model()->circuit);
})->with(fn (): array => Unit::everyShipped());

it('is the same unit with another plate as a circuit of its own, for every shipped circuit', function (string $id): void {
    $old = Unit::shipped($id)->model()->circuit;
    $part = array_key_first(array_filter($old->parts, static fn ($p): bool => isset($p->plate['volts'])));
    $new = (new SetPlate($part, 'volts', 230.0))->on(draft($id))->named('its-own')->circuit();
    expect($new->id)->toBe('its-own')->and($new->part($part)->number('volts'))->toBe(230.0)
        // every line of the file stands where it stood
        ->and(array_diff_key($new->parts, [$part => 0]))->toEqual(array_diff_key($old->parts, [$part => 0]))
        ->and($new->wires)->toEqual($old->wires)
        ->and($new->conditions)->toEqual($old->conditions)
        ->and($new->ladder)->toEqual($old->ladder)
        ->and($new->quantities)->toEqual($old->quantities);
})->with(fn (): array => Unit::everyShipped());

it('takes no file that is none', function (): void {
    Draft::of('just words');
})->throws(LogicException::class);

it('calls a part by the letters of the label wherever it is named', function (): void {
    $draft = (new Rename('COMP', 'C'))->on(draft());
    $circuit = $draft->circuit();
    expect($circuit->part('C')->label)->toBe('Compressor')->and(isset($circuit->parts['COMP']))->toBeFalse()
        ->and($draft->text())->not->toMatch('/\bCOMP\b/')
        // rules of the world go by it as well
        ->and($circuit->quantities['head_pressure']->rules[0]->when[0]->subject)->toBe('C');
    // and back again it is what it was
    expect((new Rename('C', 'COMP'))->on($draft)->circuit())->toEqual(draft()->circuit());
    expect(fn () => (new Rename('COMP', 'CC'))->on(draft()))->toThrow(CannotEdit::class, 'CC already')
        ->and(fn () => (new Rename('COMP', 'new name'))->on(draft()))->toThrow(CannotEdit::class, 'capitals')
        ->and(fn () => (new Rename('NO', 'C'))->on(draft()))->toThrow(CannotEdit::class, 'NO');
});

it('puts a switch in series in the string, and taken out again it is as it was', function (): void {
    $with = Edits::said('insert w23 AMB pressure-switch "Ambient switch"')->on(draft());
    expect($with->wire('w23'))->toMatchArray(['from' => 'HP.2', 'to' => 'AMB.1', 'colour' => 'pink'])
        ->and($with->wire('w23a'))->toMatchArray(['from' => 'AMB.2', 'to' => 'LP.1', 'colour' => 'pink'])
        ->and(array_keys($with->parts()))->toContain('AMB')
        // beside what it was put behind, as a person would write it
        ->and(array_search('AMB', array_keys($with->parts()), true))
        ->toBe(1 + (int) array_search('HP', array_keys($with->parts()), true));
    // it is worked by something from the start, so that it can be held against a meter at once
    $circuit = $with->circuit();
    expect($circuit->part('AMB')->text('opened_by'))->toBe('amb_open')->and($circuit->conditions['amb_open']->default)->toBeFalse()
        ->and(Review::of($with)->wrong)->toBe([]);
    $without = (new Remove('AMB'))->on($with);
    expect(joined($without->circuit()))->toBe(joined(draft()->circuit()))
        ->and($without->circuit()->conditions)->not->toHaveKey('amb_open');
    expect(fn () => Edits::said('insert w23 HP pressure-switch')->on(draft()))->toThrow(CannotEdit::class, 'HP already')
        ->and(fn () => Edits::said('insert w23 X magic')->on(draft()))->toThrow(CannotEdit::class, 'no kind "magic"')
        ->and(fn () => Edits::said('insert w23 X relay-spst')->on(draft()))->toThrow(CannotEdit::class, 'more than two terminals')
        ->and(fn () => Edits::said('insert w999 X fuse')->on(draft()))->toThrow(CannotEdit::class, 'w999')
        // a wire by the points that it joins
        ->and(Edits::said('insert HP.2–LP.1 AMB pressure-switch "Ambient switch"')->on(draft())->text())->toBe($with->text());
});

it('takes a part out with what hangs on it alone, and never the point that all is counted from', function (): void {
    $without = (new Remove('CCH'))->on(draft());
    expect($without->circuit()->parts)->not->toHaveKey('CCH')->and($without->wires())->not->toHaveKey('w18')
        // no strap is left behind across the pole that it lay over
        ->and($without->wires())->not->toHaveKey('w17')->and(Review::of($without)->wrong)->toBe([])
        ->and(fn () => (new Remove('SUP'))->on(draft()))->toThrow(CannotEdit::class, 'counted from');
});

it('lands a wire elsewhere, and sets a plate', function (): void {
    $moved = (new Reland('w24', 'LP.2', 'HP.2'))->on(draft());
    expect($moved->wire('w24'))->toMatchArray(['from' => 'HP.2', 'to' => 'CC.A'])
        ->and((string) Review::of($moved)->wrong[0])->toContain('LP: Nothing is wired to LP.2. Add its wire.')
        ->and(fn () => (new Reland('w24', 'CC.B', 'HP.2'))->on(draft()))->toThrow(CannotEdit::class, 'CC.B')
        ->and((new SetPlate('CC', 'coil_ohms', 14.0))->on(draft())->circuit()->part('CC')->number('coil_ohms'))->toBe(14.0)
        ->and(Review::of((new SetPlate('CC', 'coil_ohms', 'many'))->on(draft()))->wrong[0]->on)->toBe('CC');
});

it('is told in words', function (): void {
    expect(Edits::said('insert w23 AMB pressure-switch "Ambient switch" 2 1')->on(draft())->wire('w23')['to'])->toBe('AMB.2')
        ->and(fn () => Edits::said('insert w23 AMB pressure-switch "Ambient switch" 2'))->toThrow(CannotEdit::class, 'insert WIRE PART')
        ->and(Edits::said(' rename CC C ')->words())->toBe('CC is called C')
        ->and(fn () => Edits::said('rename CC'))->toThrow(CannotEdit::class, 'rename PART NAME')
        ->and(fn () => Edits::said('melt CC'))->toThrow(CannotEdit::class, 'nothing that is done');
});
