<?php

use Levin\Core\File\CircuitReader;
use Levin\Core\File\CircuitText;

it('is the same unit with another plate, for every shipped circuit', function (string $path): void {
    $text = (string) file_get_contents($path);
    $old = CircuitReader::fromText($text, 'old');
    $part = array_key_first(array_filter($old->parts, static fn ($p): bool => isset($p->plate['volts'])));
    $new = CircuitReader::fromText(CircuitText::refitted($text, 'its-own', [$part => ['volts' => 230.0]]), 'new');
    // but for the line of the file that a part stands in
    $bare = static fn ($parts): array => array_map(static fn ($p): array => array_diff_key(get_object_vars($p), ['line' => 0]), $parts);
    expect($new->id)->toBe('its-own')->and($new->part($part)->number('volts'))->toBe(230.0)
        ->and(array_diff_key($bare($new->parts), [$part => 0]))->toEqual(array_diff_key($bare($old->parts), [$part => 0]))
        ->and(array_keys($new->wires))->toBe(array_keys($old->wires))
        ->and($new->conditions)->toEqual($old->conditions)
        ->and($new->ladder)->toEqual($old->ladder)
        ->and($new->quantities)->toEqual($old->quantities);
})->with(array_combine(
    array_map(basename(...), glob(__DIR__.'/../../../circuits/*.yaml') ?: []),
    array_map(static fn (string $path): array => [$path], glob(__DIR__.'/../../../circuits/*.yaml') ?: []),
));

it('takes no file that is none', function (): void {
    CircuitText::refitted('just words', 'x', []);
})->throws(LogicException::class);
