<?php

declare(strict_types=1);

use Levin\Core\Drafting\Board;
use Levin\Core\Drafting\CannotEdit;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edits;
use Levin\Core\Drafting\Review;
use Levin\Core\Drafting\StepWords;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Operation\Sequence;
use Levin\Core\Operation\SequenceStep;
use Levin\Core\Operation\Settler;
use Levin\Core\Tests\Support\Unit;

/** A shipped circuit after some edits. */
function afterEdits(string $id, string ...$lines): Draft
{
    $draft = Draft::of((string) file_get_contents(__DIR__."/../../../circuits/$id.yaml"));
    foreach ($lines as $line) {
        $draft = Edits::said($line)->on($draft);
    }

    return $draft;
}

/** @return list<string> what is wrong with it, each with its place */
function wrongs(Draft $draft): array
{
    return array_map(strval(...), Review::of($draft)->wrong);
}

/** @return list<string> */
function does(Draft $draft): array
{
    $steps = Sequence::of(Settler::of(Review::of($draft)->model ?? throw new LogicException('It cannot be drawn.')));

    return array_map(static fn (SequenceStep $s): string => "$s->part $s->does", $steps);
}

it('branches a part in parallel between two points, with wires like those that are there', function (): void {
    $draft = afterEdits('split-cooling', 'branch CAP.C CAP.HERM SK start-kit-ptc "Start kit"');
    expect(wrongs($draft))->toBe([])->and($draft->part('SK'))->toMatchArray(['kind' => 'start-kit-ptc', 'place' => 'outdoor'])
        ->and(array_slice($draft->wires(), -2))->toEqual([
            'w55' => ['from' => 'CAP.C', 'to' => 'SK.1', 'colour' => 'black', 'gauge' => 14, 'length' => 0.6],
            'w56' => ['from' => 'SK.2', 'to' => 'CAP.HERM', 'colour' => 'blue', 'gauge' => 14, 'length' => 0.6],
        ])
        ->and(fn () => afterEdits('split-cooling', 'branch CC.T1 NO.1 SK start-kit-ptc'))->toThrow(CannotEdit::class, 'no part "NO"');
});

it('moves a switch into another wire of the string', function (): void {
    $draft = afterEdits('split-cooling', 'move HP w24');
    expect(wrongs($draft))->toBe([])
        // what was behind it is before it now
        ->and($draft->wire('w22'))->toMatchArray(['from' => 'LV.Y', 'to' => 'LP.1'])
        ->and($draft->wire('w24'))->toMatchArray(['from' => 'LP.2', 'to' => 'HP.1'])
        ->and($draft->wire('w24a'))->toMatchArray(['from' => 'HP.2', 'to' => 'CC.A'])
        ->and(afterEdits('split-cooling', 'move HP w22')->text())->toBe(afterEdits('split-cooling')->text())
        ->and(fn () => afterEdits('split-cooling', 'move CC w22'))->toThrow(CannotEdit::class, 'not lie in series');
});

it('exchanges a part for one of another kind: letters, wires and what their plates share stay', function (): void {
    $draft = afterEdits('split-cooling', 'kind CC contactor-2p');
    expect(wrongs($draft))->toBe([])->and($draft->part('CC')['plate'])->toMatchArray(['coil_ohms' => 12, 'sealed_va' => 9])
        ->and(fn () => afterEdits('split-cooling', 'kind BR relay-spdt'))->toThrow(CannotEdit::class, 'BR on 2, 4, 1, 3');
    $relay = afterEdits('split-cooling', 'kind BR relay-spdt 1=A 3=B 2=C 4=NO');
    expect(wrongs($relay))->toBe([])->and($relay->wire('w53')['to'])->toBe('BR.A')
        // the drawing names its points as well
        ->and($relay->text())->toContain('[SUP.L1, BR.C]')->not->toContain('BR.2')
        ->and(afterEdits('split-cooling', 'kind HP limit')->wire('w22')['to'])->toBe('HP.1');
});

it('has the letters of the label for terminals of its kind, and measures and swaps by them', function (): void {
    $coil = ['terminal CC A A1', 'terminal CC B A2'];
    $draft = afterEdits('split-cooling', ...[...$coil, 'terminal HP 1 2X', 'terminal HP 2 1', 'terminal HP 2X 2']);
    $unit = Unit::of($draft->circuit());
    expect(wrongs($draft))->toBe([])->and($unit->volts('CC.A1', 'CC.A2'))->toBe(Unit::cooling()->volts('CC.A', 'CC.B'))
        ->and($draft->wire('w22')['to'])->toBe('HP.2')->and($draft->wire('w23')['from'])->toBe('HP.1')
        ->and($unit->model()->circuit->part('CC')->terminalOf('CC.A1'))->toBe('A')
        ->and($unit->read(MeterFunction::VoltsAc, 'HP.2', 'HP.1', $unit->with('HP:open'))->exact)->toBeGreaterThan(20.0)
        ->and(afterEdits('split-cooling', 'terminal CC A A1', 'terminal CC A1 A')->circuit())
        ->toEqual(afterEdits('split-cooling')->circuit())
        ->and(fn () => afterEdits('split-cooling', 'terminal CC A B'))->toThrow(CannotEdit::class, 'CC.B already')
        ->and(fn () => afterEdits('split-cooling', 'terminal CC A1 X'))->toThrow(CannotEdit::class, 'terminal of CC')
        // of another kind it has that one's letters
        ->and(afterEdits('split-cooling', 'terminal CC A A1', 'kind CC contactor-2p')->wire('w24')['to'])->toBe('CC.A');
});

it('asks the rules of the world for what is seen of the new kind', function (): void {
    $draft = afterEdits('gas-electric-package', 'kind IGN igniter-hot-surface', 'plate IGN volts 24', 'plate IGN amps 0.4');
    expect($draft->text())->toContain('IGN glows')->not->toContain('IGN sparks')->and(wrongs($draft))->toBe([]);
});

it('gives terminals the letters of the label, wherever they are named', function (): void {
    $draft = afterEdits('gas-furnace', 'terminal IFC LS HLO');
    expect(wrongs($draft))->toBe([])->and($draft->wire('w23')['to'])->toBe('IFC.HLO')
        ->and(Board::of($draft, 'IFC')->all('inputs')['limits'])->toMatchArray(['from' => 'HLO'])
        ->and(afterEdits('gas-furnace', 'terminal IFC LS HLO', 'terminal IFC HLO LS')->circuit())
        ->toEqual(afterEdits('gas-furnace')->circuit())
        ->and(fn () => afterEdits('gas-furnace', 'terminal IFC LS PSI'))->toThrow(CannotEdit::class, 'IFC.PSI already')
        ->and(fn () => afterEdits('gas-furnace', 'unpin IFC LS'))->toThrow(CannotEdit::class, 'wires on IFC.LS');
    $pinned = afterEdits('split-cooling', 'pin LV W');
    expect(wrongs($pinned)[0])->toContain('Nothing is wired to LV.W')
        ->and(wrongs(afterEdits('split-cooling', 'pin LV W', 'unpin LV W')))->toBe([]);
});

it('takes what a board switched to a terminal out with it, from every step, and the board works as before', function (): void {
    $draft = afterEdits('gas-furnace', 'remove HWV', 'remove HST', 'unpin IFC HUM');
    $board = Board::of($draft, 'IFC');
    expect(wrongs($draft))->toBe([])->and($board->all('outputs'))->not->toHaveKey('humidify')->toHaveKey('heat')
        ->and($board->all('steps')['burning']['on'])->toBe(['inducer', 'valve', 'heat'])
        ->and(Unit::of($draft->circuit())->run('until: 2 min')->when('IFC', 'burning, steady'))
        ->toBe(Unit::shipped('gas-furnace')->run('until: 2 min')->when('IFC', 'burning, steady'));
});

it('sets where a part sits, what it is called, and the wire\'s colour, gauge, length and loom', function (): void {
    $draft = afterEdits(
        'split-cooling',
        'place attic "attic, over the hatch" 6', 'sit CAP2 attic', 'label CAP2 "Blower run capacitor"',
        'colour w24 violet', 'gauge w24 16', 'length w24 1.2', 'loom w24 string',
        'title "The bakery\'s"', 'note "No delay between starts."',
    );
    $circuit = $draft->circuit();
    $wire = $circuit->wire('w24');
    expect($circuit->part('CAP2')->place)->toBe('attic')->and($circuit->part('CAP2')->label)->toBe('Blower run capacitor')
        ->and($circuit->places['attic']->minutes)->toBe(6.0)->and($circuit->title)->toBe('The bakery\'s')
        ->and([$wire->colour, $wire->gauge->value, $wire->length, $wire->bundle])->toBe(['violet', 16, 1.2, 'string'])
        ->and(afterEdits('split-cooling', 'loom w20')->wire('w20'))->not->toHaveKey('bundle')
        ->and(fn () => afterEdits('split-cooling', 'sit CAP2 moon'))->toThrow(CannotEdit::class, 'panel, disconnect')
        ->and(fn () => afterEdits('split-cooling', 'gauge w24 13'))->toThrow(CannotEdit::class, '18, 16');
});

it('adds a wire and takes one out, and says what is then missing', function (): void {
    $draft = afterEdits('split-cooling', 'cut w24');
    expect(wrongs($draft))->toHaveCount(2)->and(wrongs($draft)[0])->toContain('CC: Nothing is wired to CC.A')
        ->and(wrongs(afterEdits('split-cooling', 'cut w24', 'wire LP.2 CC.A orange')))->toBe([])
        ->and(fn () => afterEdits('split-cooling', 'wire LP.2 CC.A'))->toThrow(CannotEdit::class, 'wire POINT POINT COLOUR');
});

it('says what a board does in words, the same both ways for every step of every shipped board', function (): void {
    $steps = 0;
    foreach (glob(__DIR__.'/../../../circuits/*.yaml') ?: [] as $path) {
        $draft = Draft::of((string) file_get_contents($path));
        foreach ($draft->parts() as $id => $part) {
            foreach (isset($part['program']) ? Board::of($draft, (string) $id)->all('steps') : [] as $step) {
                expect(StepWords::read(StepWords::of($step)))->toEqual($step);
                $steps++;
            }
        }
    }
    expect($steps)->toBeGreaterThan(40)
        ->and(StepWords::of(['lamp' => 'steady', 'on' => ['inducer'], 'go' => [
            ['to' => 'purge', 'when' => ['draft', 'not call'], 'after' => 90],
            ['to' => 'retry', 'after' => 6, 'add' => 'tries'],
            ['to' => 'lockout', 'when' => ['tries >= 3']],
        ]]))->toBe([
            'lamp steady',
            'on inducer',
            'to purge if draft and not call for 90 s',
            'to retry after 6 s, count tries',
            'to lockout if tries >= 3',
        ])
        ->and(StepWords::read(['to cool after 3 min', '', ' on fan pump']))
        ->toBe(['go' => [['to' => 'cool', 'after' => 180]], 'on' => ['fan', 'pump']])
        ->and(fn () => StepWords::read(['when hot, stop']))->toThrow(CannotEdit::class, 'A step says');
});

it('changes what a board does, and the unit does it', function (): void {
    $before = does(afterEdits('gas-furnace'));
    $longer = 'step IFC purge "lamp steady; on inducer; to standby if not call; to prove if not draft; to warm_up after 45 s"';
    $draft = afterEdits('gas-furnace', $longer);
    expect(wrongs($draft))->toBe([])->and(does($draft))->toBe($before);
    // without the step that glows there is no flame
    $straight = 'step IFC purge "lamp steady; on inducer; to standby if not call; to trial after 15 s"';
    $cold = afterEdits('gas-furnace', $straight, 'unstep IFC warm_up');
    expect(Board::of($cold, 'IFC')->all('steps'))->not->toHaveKey('warm_up')->and(Review::of($cold)->isSound())->toBeTrue();
    expect(wrongs(afterEdits('gas-furnace', 'unstep IFC warm_up'))[0])->toContain('IFC')->toContain('warm_up')
        ->and(fn () => afterEdits('gas-furnace', 'step LIM a "lamp lit"'))->toThrow(CannotEdit::class, 'no control board')
        ->and(wrongs(afterEdits('gas-furnace', 'senses IFC door FS C 12', 'switches IFC spare L COOL')))->toBe([])
        // 24 V on what is made for 120, and straight to ground: it is seen at once
        ->and(implode(' ', wrongs(afterEdits('gas-furnace', 'switches IFC spare R HSI closed'))))
        ->toContain('FU: It opens with nothing wrong')->toContain('HSI: It is made for 120 V and gets 26 V');
});
