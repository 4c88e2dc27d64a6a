<?php

declare(strict_types=1);

use Levin\Core\Circuit\Circuit;
use Levin\Core\Drafting\CannotEdit;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edits;
use Levin\Core\Drafting\Edits\Insert;
use Levin\Core\Drafting\Edits\Reland;
use Levin\Core\Drafting\Edits\Remove;
use Levin\Core\Drafting\Edits\Rename;
use Levin\Core\Drafting\Edits\SetPlate;
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
    expect($draft->text())->toBe((string) file_get_contents(DRAWN."$id.yaml"))->and($draft->problems())->toBe([])
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
    $with = (new Insert('w23', 'AMB', 'pressure-switch', '1', '2', 'Ambient switch'))->on(draft());
    expect($with->wire('w23'))->toMatchArray(['from' => 'HP.2', 'to' => 'AMB.1', 'colour' => 'pink'])
        ->and($with->wire('w23a'))->toMatchArray(['from' => 'AMB.2', 'to' => 'LP.1', 'colour' => 'pink'])
        ->and(array_keys($with->parts()))->toContain('AMB')
        // beside what it was put behind, as a person would write it
        ->and(array_search('AMB', array_keys($with->parts()), true))
        ->toBe(1 + (int) array_search('HP', array_keys($with->parts()), true));
    // what its plate wants is said, where it stands
    expect($with->problems())->not->toBe([])->and($with->problems()[0]->where)->toContain('AMB');
    expect(joined((new Remove('AMB'))->on($with)->circuit()))->toBe(joined(draft()->circuit()));
    expect(fn () => (new Insert('w23', 'HP', 'pressure-switch', '1', '2', 'x'))->on(draft()))->toThrow(CannotEdit::class, 'HP already')
        ->and(fn () => (new Insert('w23', 'X', 'magic', '1', '2', 'x'))->on(draft()))->toThrow(CannotEdit::class, 'no kind "magic"')
        ->and(fn () => (new Insert('w999', 'X', 'fuse', '1', '2', 'x'))->on(draft()))->toThrow(CannotEdit::class, 'w999');
});

it('takes a part out with what hangs on it alone, and never the point that all is counted from', function (): void {
    $without = (new Remove('CCH'))->on(draft());
    expect($without->circuit()->parts)->not->toHaveKey('CCH')->and($without->wires())->not->toHaveKey('w18')
        // its two leads become one, across the open pole: whoever takes a heater out takes that out as well
        ->and($without->wire('w17'))->toMatchArray(['from' => 'CC.L1', 'to' => 'CC.T1'])
        ->and(fn () => (new Remove('SUP'))->on(draft()))->toThrow(CannotEdit::class, 'counted from');
});

it('lands a wire elsewhere, and sets a plate', function (): void {
    $moved = (new Reland('w24', 'LP.2', 'HP.2'))->on(draft());
    expect($moved->wire('w24'))->toMatchArray(['from' => 'HP.2', 'to' => 'CC.A'])
        ->and($moved->problems()[0]->what)->toBe('Nothing is wired to LP.2.')
        ->and(fn () => (new Reland('w24', 'CC.B', 'HP.2'))->on(draft()))->toThrow(CannotEdit::class, 'CC.B')
        ->and((new SetPlate('CC', 'coil_ohms', 14.0))->on(draft())->circuit()->part('CC')->number('coil_ohms'))->toBe(14.0)
        ->and((new SetPlate('CC', 'coil_ohms', 'many'))->on(draft())->problems()[0]->where)->toBe('CC');
});

it('is told in words', function (): void {
    expect(Edits::said('insert w23 AMB pressure-switch 1 2 "Ambient switch"'))
        ->toEqual(new Insert('w23', 'AMB', 'pressure-switch', '1', '2', 'Ambient switch'))
        ->and(Edits::said(' rename CC C ')->words())->toBe('CC is called C')
        ->and(fn () => Edits::said('rename CC'))->toThrow(CannotEdit::class, 'rename PART NAME')
        ->and(fn () => Edits::said('melt CC'))->toThrow(CannotEdit::class, 'nothing that is done');
});

it('comes by any edits to a sound circuit or to problems that are located, with every wire on two parts, and back', function (): void {
    $random = new Random\Randomizer(new Random\Engine\Xoshiro256StarStar(11));
    $one = static fn (array $of): string => (string) array_keys($of)[$random->getInt(0, count($of) - 1)];
    $drafts = [draft()];
    for ($n = 0; $n < 120; $n++) {
        $draft = $drafts[count($drafts) - 1];
        [$part, $wire] = [$one($draft->parts()), $one($draft->wires())];
        $edit = match ($random->getInt(0, 5)) {
            0 => new Rename($part, ['N', 'K', 'CC', 'bad'][$random->getInt(0, 3)].$n),
            1 => new Insert($wire, "S$n", ['fuse', 'pressure-switch', 'contactor-1p'][$random->getInt(0, 2)], '1', '2', 'One more'),
            2 => new Remove($part),
            3 => new Reland($wire, $draft->wire($wire)['from'], $draft->wire($one($draft->wires()))['to']),
            4 => new SetPlate(
                $part,
                ['volts', 'amps', 'opened_by'][$random->getInt(0, 2)],
                [24.0, -3.0, 'no such thing'][$random->getInt(0, 2)],
            ),
            // some get better, so that not all of it is broken by the end
            default => new SetPlate($part, 'label', 'x'),
        };
        try {
            $next = $edit->on($draft);
        } catch (CannotEdit) {
            continue;
        }
        $drafts[] = $next;
        foreach ($next->wires() as $own) {
            expect($next->parts())->toHaveKeys([Draft::partOf($own['from']), Draft::partOf($own['to'])]);
        }
        foreach ($next->problems() as $problem) {
            expect($problem->line ?? $problem->where)->not->toBe('')->and($problem->remedy)->not->toBe('');
        }
        // undone is the one before, untouched
        expect($drafts[count($drafts) - 2])->toBe($draft);
    }
    expect(count($drafts))->toBeGreaterThan(60)->and($drafts[0]->text())->toBe(draft()->text());
});
