<?php

declare(strict_types=1);

use Levin\Core\Circuit\WireGauge;
use Levin\Core\File\CircuitReader;
use Levin\Core\File\InvalidCircuit;
use Levin\Core\Parts\Catalogue;
use Levin\Core\Tests\Support\Unit;

/** The shipped circuit with some of its text replaced. */
function edited(string $from, string $to): string
{
    $text = (string) file_get_contents(Unit::COOLING);
    expect($text)->toContain($from);

    return str_replace($from, $to, $text);
}

function problemsOf(string $text): string
{
    try {
        CircuitReader::fromText($text, 'unit.yaml');
    } catch (InvalidCircuit $e) {
        return $e->getMessage();
    }

    return 'sound';
}

it('reads the shipped circuit whole', function (): void {
    $circuit = CircuitReader::fromFile(Unit::COOLING);
    expect($circuit->part('COMP')->number('lra'))->toBe(73.0)
        ->and($circuit->wire('w20')->colour)->toBe('yellow')
        ->and($circuit->frequency)->toBe(60.0)
        ->and(count($circuit->wires))->toBeGreaterThan(40);
});

it('names file, line, part and remedy', function (string $from, string $to, array $says): void {
    $message = problemsOf(edited($from, $to));
    foreach (['unit.yaml: line ', ...$says] as $part) {
        expect($message)->toContain($part);
    }
})->with([
    'unknown kind' => ['kind: contactor-1p', 'kind: contactor-1q', ['CC', 'There is no kind "contactor-1q"', 'Did you mean contactor-1p?']],
    'unknown key' => ['levin: 1', "levin: 1\ncolor: red", ['Unknown key color', 'never ignored']],
    'unknown plate value' => [
        'coil_ohms: 12',
        'coil_ohm: 12',
        ['CC', 'unknown value "coil_ohm"', 'Did you mean coil_ohms?', 'lacks coil_ohms'],
    ],
    'plate out of range' => ['amps: 30', 'amps: 3000', ['CB1', 'amps is 3000', 'from 5 to 400 A']],
    'a plate that is no number' => ['amps: 30', 'amps: .nan', ['parts.CB1', 'That is not a number']],
    'a length without end' => ['gauge: 18, length: 0.6', 'gauge: 18, length: .inf', ['length', 'That is not a number']],
    'plate of the wrong type' => ['amps: 30', 'amps: forty', ['CB1', 'amps is "forty"']],
    'missing part key' => ['place: wall, plate', 'plate', ['parts.TST', 'lacks place']],
    'no such point' => ['from: HP.2', 'from: HP.3', ['wire w23', 'There is no point HP.3', 'Did you mean HP.1?']],
    'no such place' => ['place: wall', 'place: roof', ['TST', '"roof"', 'Use one of: panel']],
    'no such condition' => ['y_called_by: call_cool', 'y_called_by: call_cold', ['TST', '"call_cold"', 'call_cool']],
    'a printed table of what cannot be seen' => [
        'kind: contactor-1p, label: Contactor,',
        'kind: contactor-1p, label: Contactor, printed: { pulled: x },',
        ['CC', 'has "pulled", which cannot be seen of it', 'Did you mean pulled in?'],
    ],
    'nothing wired' => [
        "  w23: { from: HP.2, to: LP.1, colour: pink, gauge: 18, length: 0.6 }\n",
        '',
        ['HP', 'Nothing is wired to HP.2', 'Nothing is wired to LP.1'],
    ],
    'wire to itself' => ['from: HP.2, to: LP.1', 'from: HP.2, to: HP.2', ['wire w23', 'same point']],
    'no such gauge' => ['colour: pink, gauge: 18', 'colour: pink, gauge: 17', ['wires.w23.gauge', 'not one of those allowed']],
    'contradicting plate' => ['lra: 73', 'lra: 400', ['COMP', 'contradict each other', 'Read the plate again']],
    'wrong version' => ['levin: 1', 'levin: 2', ['levin', 'version']],
    'broken YAML' => ['places:', 'places: {', ['This is not YAML', 'Check the indentation']],
]);

it('reports every problem at once', function (): void {
    $message = problemsOf(str_replace('place: wall', 'place: roof', edited('from: HP.2', 'from: HP.3')));
    expect($message)->toContain('HP.3')->toContain('roof');
});

it('says when there is no such file', function (): void {
    CircuitReader::fromFile('/nowhere/unit.yaml');
})->throws(InvalidCircuit::class, 'cannot be read');

it('takes wire resistance from the table', function (WireGauge $gauge, float $ohmsPerThousandFeet): void {
    // NEC chapter 9 table 8, stranded uncoated copper, Ω per 1000 ft (from memory)
    expect($gauge->ohmsPerMetre() * 304.8)->toEqualWithDelta($ohmsPerThousandFeet, 0.01 * $ohmsPerThousandFeet);
})->with([
    [WireGauge::Awg18, 7.95],
    [WireGauge::Awg14, 3.14],
    [WireGauge::Awg12, 1.98],
    [WireGauge::Awg10, 1.24],
    [WireGauge::Awg8, 0.778],
    [WireGauge::Awg6, 0.491],
]);

it('documents every kind', function (): void {
    $docs = (string) file_get_contents(__DIR__.'/../../../docs/circuit-file.md');
    foreach (Catalogue::classes() as $kind => $class) {
        expect($docs)->toContain("`$kind`");
        foreach ($class::definition()->fields as $field) {
            expect($docs)->toContain("`$field->name`");
        }
    }
});
