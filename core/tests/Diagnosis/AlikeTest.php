<?php

use Levin\Core\Diagnosis\Alike;
use Levin\Core\Diagnosis\PartShare;
use Levin\Core\Tests\Support\Unit;

/** @param  array<string, float>  $shares  by wire */
function grounded(array $shares): array
{
    return array_map(
        static fn (string $id, float $share): PartShare => new PartShare($id, $id, $share, ['grounded']),
        array_keys($shares),
        array_values($shares),
    );
}

it('tells many wires by what they share, and few one by one', function (string $unit, array $wires, string $label): void {
    $alike = Alike::among(grounded(array_fill_keys($wires, 0.1)), Unit::shipped($unit)->model()->circuit);
    expect(array_column($alike, 'label'))->toBe($label === '' ? [] : [$label]);
})->with([
    'a harness' => ['gas-furnace', ['w20', 'w23', 'w24', 'w25'], 'One of 4 wires in the vestibule cable'],
    'one conductor' => ['split-cooling', ['w21', 'w25', 'w42', 'w54'], 'One of 4 wires joined to AH.C'],
    'a colour' => ['split-cooling', ['w31', 'w33', 'w40', 'w50'], 'One of 4 wires, all red'],
    'nothing' => ['split-cooling', ['w20', 'w51', 'w23', 'w24'], 'One of 4 wires'],
    'three are named' => ['split-cooling', ['w50', 'w51', 'w52'], ''],
]);

it('adds up how probable it is that it is one of them, and leaves parts and other faults alone', function (): void {
    $circuit = Unit::cooling()->model()->circuit;
    $parts = [
        new PartShare('CC', 'Contactor', 0.5, ['coil open']),
        ...grounded(['w50' => 0.1, 'w51' => 0.1, 'w52' => 0.05, 'w53' => 0.05]),
        new PartShare('w20', 'w20', 0.2, ['open']),
    ];
    [$alike] = Alike::among($parts, $circuit);
    expect($alike->probability())->toEqualWithDelta(0.3, 1e-12)->and($alike->faults())->toBe(['grounded'])
        ->and(array_column($alike->wires, 'target'))->toBe(['w50', 'w51', 'w52', 'w53']);
});
