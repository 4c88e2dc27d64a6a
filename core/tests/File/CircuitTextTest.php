<?php

use Levin\Core\File\CircuitText;
use Symfony\Component\Yaml\Yaml;

/** @return array<mixed> what a text says */
function saying(string $text): array
{
    $data = Yaml::parse($text);

    return is_array($data) ? $data : throw new LogicException('No map.');
}

/** @return list<string> comments that stand in lines of their own */
function remarks(string $text): array
{
    preg_match_all('/^ *#.*$/m', $text, $found);

    return $found[0];
}

const SMALL = <<<'YAML'
    # a unit
    levin: 1
    id: small

    parts:
      # what feeds it
      SUP: { kind: supply, plate: { volts: 240 } } # at the panel
      CC:
        kind: contactor
        plate: { coil_volts: 24 }
      # what opens it

      HP: { kind: pressure-switch }
    wires: { w1: { from: SUP.L1, to: CC.L1 } }
    # that is all

    YAML;

it('says the same in the same words, for every shipped circuit', function (string $path): void {
    $text = (string) file_get_contents($path);
    expect(CircuitText::changed($text, saying($text)))->toBe($text);
})->with(glob(__DIR__.'/../../../circuits/*.yaml') ?: []);

it('changes the lines of what has changed, and no other', function (array $changes, string $from, string $to): void {
    $is = array_replace_recursive(saying(SMALL), $changes);
    expect(CircuitText::changed(SMALL, $is))->toBe(str_replace($from, $to, SMALL))->not->toBe(SMALL);
})->with([
    'a field, with what is said behind it' => [['parts' => ['SUP' => ['plate' => ['volts' => 208]]]], 'volts: 240', 'volts: 208'],
    'a name' => [['id' => 'large'], 'id: small', 'id: large'],
    'a field of one in several lines' => [['parts' => ['CC' => ['kind' => 'relay']]], 'kind: contactor', 'kind: relay'],
    'one more field of one in several lines' => [
        ['parts' => ['CC' => ['label' => 'Main: contactor']]],
        "{ coil_volts: 24 }\n",
        "{ coil_volts: 24 }\n    label: 'Main: contactor'\n",
    ],
    'one more' => [['parts' => ['LP' => ['kind' => 'switch']]], "pressure-switch }\n", "pressure-switch }\n  LP: { kind: switch }\n"],
    'a map in one line, which then stands in several' => [
        ['wires' => ['w2' => ['from' => 'A.1']]],
        'wires: { w1: { from: SUP.L1, to: CC.L1 } }',
        "wires:\n  w1: { from: SUP.L1, to: CC.L1 }\n  w2: { from: A.1 }",
    ],
]);

it('leaves what is said where something is taken out, and gives it to what takes its place', function (): void {
    $is = saying(SMALL);
    $parts = $is['parts'];
    $without = CircuitText::changed(SMALL, [...$is, 'parts' => array_diff_key($parts, ['HP' => 0])]);
    expect($without)->toBe(str_replace("  HP: { kind: pressure-switch }\n", '', SMALL));
    $renamed = ['SUP' => $parts['SUP'], 'K1' => $parts['CC'], 'HP' => $parts['HP']];
    expect(CircuitText::changed(SMALL, [...$is, 'parts' => $renamed]))
        ->toBe(str_replace('CC:', 'K1:', SMALL));
    $between = ['SUP' => $parts['SUP'], 'FU' => ['kind' => 'fuse'], 'CC' => $parts['CC'], 'HP' => $parts['HP']];
    expect(CircuitText::changed(SMALL, [...$is, 'parts' => $between]))
        ->toBe(str_replace('  CC:', "  FU: { kind: fuse }\n  CC:", SMALL));
});

const BOARD = <<<'YAML'
    parts:
      IFC: # the board
        kind: board
        # what the lamp says, as printed
        printed:
          steady: standing by
          # hardly ever seen
          2 flashes: draft switch closed
        program:
            # set in by four
            steps:
                standby: { lamp: steady }
                # the fan first
                purge:
                  lamp: steady
                  go:
                    # fifteen seconds
                    - { to: lit, after: 15 }

    YAML;

it('keeps what is said inside a board when its label, a step or what is printed changes', function (
    array $changes,
    string $from,
    string $to,
): void {
    $is = array_replace_recursive(saying(BOARD), ['parts' => ['IFC' => $changes]]);
    expect(CircuitText::changed(BOARD, $is))->toBe(str_replace($from, $to, BOARD))->not->toBe(BOARD);
})->with([
    'a label' => [['label' => 'Furnace control'], "lit, after: 15 }\n", "lit, after: 15 }\n    label: 'Furnace control'\n"],
    'what is printed' => [
        ['printed' => ['2 flashes' => 'draft switch stuck']],
        '2 flashes: draft switch closed',
        "'2 flashes': 'draft switch stuck'",
    ],
    'a step' => [['program' => ['steps' => ['standby' => ['lamp' => 'dark']]]], 'standby: { lamp: steady }', 'standby: { lamp: dark }'],
    'a step more' => [
        ['program' => ['steps' => ['lit' => ['lamp' => 'steady']]]],
        "lit, after: 15 }\n",
        "lit, after: 15 }\n            lit: { lamp: steady }\n",
    ],
    'a list, with what is said in it before it' => [
        ['program' => ['steps' => ['purge' => ['go' => [['after' => 20]]]]]],
        "              go:\n                # fifteen seconds\n                - { to: lit, after: 15 }\n",
        "              # fifteen seconds\n              go: [{ to: lit, after: 20 }]\n",
    ],
]);

it('keeps what is said inside a board that is renamed', function (): void {
    $is = ['parts' => ['Y' => saying(BOARD)['parts']['IFC']]];
    expect(CircuitText::changed(BOARD, $is))->toBe(str_replace('IFC:', "'Y':", BOARD));
});

it('says what it is to say after any change, and loses no comment', function (string $path): void {
    $random = new Random\Randomizer(new Random\Engine\Xoshiro256StarStar(7));
    $text = (string) file_get_contents($path);
    $remarks = remarks($text);
    for ($n = 0; $n < 20; $n++) {
        $is = saying($text);
        $of = ['parts', 'wires', 'places', 'conditions'][$random->getInt(0, 3)];
        $keys = array_keys($is[$of]);
        $at = $random->getInt(0, count($keys) - 1);
        [$before, $rest] = [array_slice($is[$of], 0, $at, true), array_slice($is[$of], $at + 1, null, true)];
        $own = $is[$of][$keys[$at]];
        $is[$of] = match ($random->getInt(0, 3)) {
            0 => [...$before, ...$rest],
            1 => [...$before, "new$n" => $own, ...$rest],
            2 => [...$before, $keys[$at] => $own, "more$n" => ['label' => "it's \"new\": # $n", 'of' => [1, 2.5, true]], ...$rest],
            default => [...$before, $keys[$at] => [...$own, 'label' => "- odd: {$n}"], ...$rest],
        };
        $text = CircuitText::changed($text, $is);
        expect(saying($text))->toEqual($is);
    }
    expect(remarks($text))->toBe($remarks);
})->with(glob(__DIR__.'/../../../circuits/*.yaml') ?: []);
