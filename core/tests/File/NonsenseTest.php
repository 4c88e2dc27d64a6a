<?php

declare(strict_types=1);

use Levin\Core\File\CircuitReader;
use Levin\Core\File\InvalidCircuit;
use Levin\Core\Tests\Support\Unit;

// Files no unit can be: each is refused with a sentence that says what to do, before it can keep the reader busy.

/** @return array{string, float} what is said of a file, and processor seconds it took to say it */
function refused(string $text): array
{
    $before = getrusage();
    try {
        CircuitReader::fromText($text, 'unit.yaml');
        $said = 'sound';
    } catch (InvalidCircuit $e) {
        $said = $e->getMessage();
    }
    $after = getrusage();
    expect($before)->toBeArray()->and($after)->toBeArray();
    $spent = fn (array|false $usage): float => $usage === false ? NAN : $usage['ru_utime.tv_sec'] + $usage['ru_utime.tv_usec'] * 1e-6;

    return [$said, $spent($after) - $spent($before)];
}

function cooling(): string
{
    return (string) file_get_contents(Unit::COOLING);
}

it('refuses at once what no unit can be, and says what to do', function (Closure $text, string ...$says): void {
    [$said, $seconds] = refused($text());
    foreach ($says as $part) {
        expect($said)->toContain($part);
    }
    // a bound, not a measure: it takes some milliseconds
    expect($seconds)->toBeLessThan(1.0)->and(strlen($said))->toBeLessThan(20_000);
})->with([
    'a map three hundred levels deep, by indentation' => [
        fn (): string => implode("\n", array_map(fn (int $n): string => str_repeat(' ', $n).'a:', range(0, 300))),
        'nested more than 24 levels deep', 'check the indentation',
    ],
    'three thousand, by brackets' => [
        fn (): string => 'places: '.str_repeat('{ a: ', 3000).'1'.str_repeat(' }', 3000),
        'line 1', 'nested more than 24 levels deep',
    ],
    'twenty thousand parts' => [
        fn (): string => cooling().implode(array_map(
            fn (int $n): string => "  P$n: { kind: resistor, label: R, place: wall, plate: { ohms: 1 } }\n", range(1, 20_000),
        )),
        'larger than any unit', 'A file holds one unit',
    ],
    'lines without end' => [fn (): string => cooling().str_repeat("\n", 7000), 'longer than any unit'],
    'a number for the name of a condition' => [
        fn (): string => str_replace('  head_pressure_high: {', "  42: { label: x, default: true }\n  head_pressure_high: {", cooling()),
        '42', 'conditions',
    ],
    'aliases that grow without end' => [
        fn (): string => "a: &a [x, x, x, x, x, x, x, x, x]\n".implode("\n", array_map(
            fn (int $n): string => sprintf('%1$s: &%1$s [%2$s]', chr(98 + $n), implode(', ', array_fill(0, 9, '*'.chr(97 + $n)))),
            range(0, 12),
        )),
        'line 1', 'anchor or an alias', 'Write each value out',
    ],
    'nothing' => [fn (): string => '', 'unit.yaml'],
    'a list' => [fn (): string => "- a\n- b\n", 'unit.yaml'],
]);

it('takes the largest unit there is: 120 parts and every wire of theirs', function (): void {
    $parts = implode(array_map(
        fn (int $n): string => "  P$n: { kind: resistor, label: R, place: wall, plate: { ohms: 100 } }\n", range(1, 90),
    ));
    $wires = implode(array_map(
        fn (int $n): string => "  p$n: { from: P$n.1, to: CC.A, colour: red, gauge: 18, length: 1 }\n"
            ."  q$n: { from: P$n.2, to: CC.B, colour: red, gauge: 18, length: 1 }\n",
        range(1, 90),
    ));
    expect(refused(str_replace(["\nwires:\n", "\nquantities:\n"], ["\n{$parts}\nwires:\n", "\n{$wires}\nquantities:\n"], cooling()))[0])
        ->toBe('sound');
});

it('lists some of a great many mistakes and counts the rest', function (): void {
    $bad = implode(array_map(
        fn (int $n): string => "  x$n: { from: NO.$n, to: HP.1, colour: red, gauge: 18, length: 1 }\n", range(1, 300),
    ));
    [$said] = refused(str_replace("\nquantities:\n", "\n{$bad}\nquantities:\n", cooling()));
    expect(substr_count($said, "\n"))->toBeLessThan(60)->and($said)->toContain('more');
});
