<?php

declare(strict_types=1);

use Levin\Core\File\CircuitReader;
use Levin\Core\File\InvalidCircuit;
use Levin\Core\File\LineIndex;
use Levin\Core\File\Node;
use Levin\Core\File\Problem;
use Levin\Core\File\Problems;
use Levin\Core\Interchange\ScriptReader;

it('reads each key by its type, and what is not of it as not there', function (): void {
    $node = new Node(
        ['label' => 'Contactor', 'minutes' => 3, 'share' => 0.5, 'power' => true, 'poles' => ['L1', 2, 'T1'], 'plate' => ['fla' => 5]],
    );
    expect($node->text('label'))->toBe('Contactor')->and($node->text('minutes', 'x'))->toBe('x')->and($node->text('none'))->toBe('')
        ->and($node->number('minutes'))->toBe(3.0)->and($node->number('share'))->toBe(0.5)->and($node->number('label'))->toBe(0.0)
        ->and($node->flag('power'))->toBeTrue()->and($node->flag('label'))->toBeFalse()->and($node->flag('none'))->toBeFalse()
        ->and($node->texts('poles'))->toBe(['L1', 'T1'])
        ->and($node->texts('label'))->toBe(['Contactor'])
        ->and($node->texts('none'))->toBe([])
        ->and($node->child('plate')->number('fla'))->toBe(5.0)
        ->and($node->child('label')->data)->toBe([])
        ->and($node->child('none')->data)->toBe([]);
});

it('reads maps in maps and maps in lists', function (): void {
    $node = new Node(
        ['parts' => ['A' => ['kind' => 'fuse'], 7 => ['kind' => 'plug'], 'C' => null], 'rules' => [['lag' => 3], 'x', ['lag' => 4]]],
    );
    expect(array_map(fn (Node $n): string => $n->text('kind'), $node->children('parts')))->toBe(['A' => 'fuse', '7' => 'plug', 'C' => ''])
        ->and(array_map(fn (Node $n): float => $n->number('lag'), $node->items('rules')))->toBe([3.0, 4.0]);
});

it('finds the line of the deepest key it knows', function (): void {
    $lines = new LineIndex(
        <<<'YAML'
            levin: 1
            parts:
              CC:
                kind: contactor-1p
                plate: { coil_ohms: 12 }
              HP:
                kind: pressure-switch
            wires:
              w1: { from: A }
            YAML,
    );
    expect($lines->of(['levin']))->toBe(1)
        ->and($lines->of(['parts', 'CC']))->toBe(3)
        ->and($lines->of(['parts', 'CC', 'kind']))->toBe(4)
        ->and($lines->of(['parts', 'CC', 'plate', 'coil_ohms']))->toBe(5)
        ->and($lines->of(['parts', 'HP', 'kind']))->toBe(7)
        ->and($lines->of(['wires', 'w1', 'from']))->toBe(9)
        ->and($lines->of(['nothing']))->toBeNull()->and($lines->of([]))->toBeNull();
});

it('collects problems and raises all of them at once', function (): void {
    $problems = new Problems(new LineIndex("parts:\n  CC:\n    kind: x\n"));
    $problems->raise('unit.yaml');
    $problems->at(['parts', 'CC', 'kind'], 'CC', 'There is no kind "x".', 'Use another.');
    $problems->add(null, '', 'It is odd.', 'Even it.');
    expect($problems->count())->toBe(2)
        ->and($problems->line(['parts', 'CC']))->toBe(2)
        ->and(fn () => $problems->raise('unit.yaml'))->toThrow(
            InvalidCircuit::class,
            "unit.yaml: line 3: CC: There is no kind \"x\". Use another.\nunit.yaml: It is odd. Even it.",
        );
});

it('offers the name that was meant, or what there is', function (): void {
    expect(Problems::didYouMean('contacter', ['contactor', 'fuse'], 'The kinds are: many.'))->toBe('Did you mean contactor?')
        ->and(Problems::didYouMean('thermostat', ['contactor', 'fuse'], 'The kinds are: many.'))->toBe('The kinds are: many.');
});

it('writes a problem with what is known of its place', function (): void {
    expect((string) new Problem(7, 'CC', 'It is odd.', 'Even it.'))->toBe('line 7: CC: It is odd. Even it.')
        ->and((string) new Problem(null, 'CC', 'It is odd.', 'Even it.'))->toBe('CC: It is odd. Even it.')
        ->and((string) new Problem(7, '', 'It is odd.', 'Even it.'))->toBe('line 7: It is odd. Even it.');
});

it('says of a file that is not there, is no YAML or holds nothing, what to do', function (Closure $read, string $message): void {
    expect($read)->toThrow(InvalidCircuit::class, $message);
})->with([
    [fn () => CircuitReader::fromFile('/nowhere/unit.yaml'), 'The file cannot be read. Check its name and that you may read it.'],
    [fn () => CircuitReader::fromText('parts: [', 'unit.yaml'), 'This is not YAML'],
    [fn () => CircuitReader::fromText('', 'unit.yaml'), 'Start from circuits/split-cooling.yaml.'],
    [fn () => CircuitReader::fromText('just words', 'unit.yaml'), 'There is nothing in it that can be used.'],
    [fn () => ScriptReader::fromFile('/nowhere/script.yaml'), 'The script cannot be read.'],
    [fn () => ScriptReader::fromText('until: soon', 'script.yaml'), 'script.yaml: line 1'],
    [fn () => ScriptReader::fromText("until: 5\nwhen: x", 'script.yaml'), 'Unknown key when'],
    [
        fn () => ScriptReader::fromText("until: 5\nintermittent: [{ fault: 'HP:open', when: ['IS ODD!'] }]", 'script.yaml'),
        'is not a clause',
    ],
]);

it('reads a script whole, in order of time', function (): void {
    $script = ScriptReader::fromText(<<<'YAML'
        until: 2 h
        start: { call_heat: off, plenum: 30 }
        faults: [HSI:cracked]
        events:
          - { at: 5 min, fault: [IND:seized], lift: [w3] }
          - { at: 10 s, set: { call_heat: on }, reset: [RO1] }
          - { at: 400, mend: [IND:seized], land: [w3], remove: [FU], restore: [FU] }
        intermittent:
          - { fault: 'w24:open', when: [IND runs], chance: 0.3, every: 20 s, seed: 7 }
          - { fault: 'w25:open' }
        YAML, 'script.yaml');
    expect($script->until)->toBe(7200.0)
        ->and($script->start)->toBe(['call_heat=off', 'plenum=30'])
        ->and($script->faults)->toBe(['HSI:cracked'])
        ->and(array_column($script->deeds, 'at'))->toBe([10.0, 300.0, 400.0])
        ->and($script->deeds[0]->words())->toBe(['call_heat=on', 'reset RO1'])
        ->and($script->deeds[1]->words())->toBe(['fault IND:seized', 'lift w3'])
        ->and($script->deeds[2]->words())->toBe(['mend IND:seized', 'land w3', 'remove FU', 'restore FU'])
        ->and($script->intermittents[0])->fault->toBe('w24:open')->chance->toBe(0.3)->every->toBe(20.0)->seed->toBe(7)
        ->and($script->intermittents[0]->when)->toHaveCount(1)
        ->and($script->intermittents[1])->chance->toBe(1.0)->every->toBeNull()->seed->toBe(1);
});
