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
    'one in several lines, which then stands in one' => [
        ['parts' => ['CC' => ['kind' => 'relay']]],
        "CC:\n    kind: contactor\n    plate: { coil_volts: 24 }",
        'CC: { kind: relay, plate: { coil_volts: 24 } }',
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
        ->toBe(str_replace(
            "CC:\n    kind: contactor\n    plate: { coil_volts: 24 }",
            'K1: { kind: contactor, plate: { coil_volts: 24 } }',
            SMALL,
        ));
    $between = ['SUP' => $parts['SUP'], 'FU' => ['kind' => 'fuse'], 'CC' => $parts['CC'], 'HP' => $parts['HP']];
    expect(CircuitText::changed(SMALL, [...$is, 'parts' => $between]))
        ->toBe(str_replace('  CC:', "  FU: { kind: fuse }\n  CC:", SMALL));
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
