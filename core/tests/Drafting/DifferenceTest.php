<?php

declare(strict_types=1);

use Levin\Core\Drafting\Change;
use Levin\Core\Drafting\Difference;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edits;
use Levin\Core\Drafting\Features;
use Levin\Core\Drafting\Winding;
use Levin\Core\Parts\Catalogue;
use Levin\Core\Tests\Support\Unit;

/** @return list<string> */
function changedBy(string $id, string ...$lines): array
{
    $was = $is = Draft::of((string) file_get_contents(__DIR__."/../../../circuits/$id.yaml"));
    foreach ($lines as $line) {
        $is = Edits::said($line)->on($is);
    }

    return array_map(static fn (Change $c): string => "{$c->sort->value} $c->on: $c->words", Difference::between($was, $is));
}

it('says in words what a circuit has otherwise than before, on the part or wire that has it', function (): void {
    expect(changedBy('split-cooling'))->toBe([])
        ->and(changedBy('split-cooling', 'rename COMP C'))->toBe(['changed C: COMP is called C'])
        ->and(changedBy('split-cooling', 'plate CC coil_ohms 14', 'label CC "Compressor contactor"'))->toBe([
            'changed CC: CC, label: Contactor → Compressor contactor',
            'changed CC: CC, coil_ohms: 12 → 14',
        ])
        ->and(changedBy('split-cooling', 'insert w23 AMB pressure-switch "Ambient switch"'))->toBe([
            'new AMB: Ambient switch AMB put in: pressure-switch',
            'new w23a: pink wire AMB.2 – LP.1 w23a put in',
            'changed w23: w23, to: LP.1 → AMB.1',
            'changed : condition Ambient switch put in',
        ])
        ->and(changedBy('split-cooling', 'remove CCH', 'colour w24 tan'))->toBe([
            'gone CCH: Crankcase heater CCH taken out',
            'gone w17: black wire CC.L1 – CCH.1 w17 taken out',
            'gone w18: black wire CCH.2 – CC.T1 w18 taken out',
            'changed w24: w24, colour: orange → tan',
        ])
        ->and(changedBy('gas-furnace', 'step IFC draft_stuck "lamp 2 flashes; to standby if not draft"', 'terminal IFC HEAT HT'))->toBe([
            'changed IFC: IFC, terminals: L, N, R, C, W, G, LS, PSI, MV, IND, HSI, HEAT, COOL, HUM, FS → '
                .'L, N, R, C, W, G, LS, PSI, MV, IND, HSI, HT, COOL, HUM, FS',
            'changed IFC: IFC, output heat: L to HT',
            'changed IFC: IFC, step draft_stuck: lamp 2 flashes; to standby if not draft',
            'changed w34: w34, from: IFC.HEAT → IFC.HT',
        ]);
});

it('asks for what nearest to half of some circuits have', function (): void {
    $some = ['a' => ['x' => 1, 'y' => 1], 'b' => ['x' => 2], 'c' => ['x' => 1, 'z' => 1], 'd' => ['x' => 1, 'z' => 1]];
    expect(Features::of(Unit::shipped('split-cooling')->model()->circuit))->toHaveKey('contactor-1p', 1)->not->toHaveKey('terminals')
        ->and(Features::toAsk($some))->toBe('z')
        ->and(Features::toAsk(['a' => ['x' => 1], 'b' => ['x' => 1]]))->toBeNull();
});

it('winds a part for other volts: the same power, so amperes go down as volts go up and ohms with their square', function (): void {
    // P = V·I and R = V²/P: physics
    $plate = Winding::plate(Catalogue::definition('motor-psc') ?? throw new LogicException('No such kind.'), 120.0);
    expect($plate)->toMatchArray(['volts' => 120.0, 'fla' => 2.2, 'lra' => 4.4, 'run_ohms' => 6.5, 'capacitor_uf' => 20.0])
        ->and(Winding::plate(Catalogue::definition('motor-psc') ?? throw new LogicException('No such kind.'), 240.0)['fla'])->toBe(1.1);
});
