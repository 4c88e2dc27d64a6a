<?php

declare(strict_types=1);

use Levin\Core\Tests\Support\Unit;

it('says so when a relay shorts its own coil out and never settles', function (): void {
    $unit = Unit::fromText(<<<'YAML'
        levin: 1
        id: buzzer
        title: A relay whose contact takes its own coil's voltage away
        family: bench
        supply: 24 V from a bench transformer
        frequency: 60
        earth: SUP.G
        places: { bench: { label: bench, minutes: 0 } }
        parts:
          SUP: { kind: supply-split-phase, label: Supply, place: bench }
          T1:
            kind: transformer
            label: Transformer
            place: bench
            plate: { primary_volts: 240, va: 40, primary_ohms: 48, secondary_ohms: 0.65 }
          LAMP: { kind: heater, label: Ballast, place: bench, plate: { volts: 24, watts: 100 } }
          K: { kind: relay-spst, label: Relay, place: bench, plate: { coil_volts: 24, coil_ohms: 17, sealed_va: 5, inrush_va: 11 } }
        wires:
          w1: { from: SUP.L1, to: T1.H1, colour: black, gauge: 14, length: 1 }
          w2: { from: SUP.L2, to: T1.H2, colour: red, gauge: 14, length: 1 }
          w3: { from: T1.X1, to: LAMP.1, colour: red, gauge: 18, length: 1 }
          w4: { from: LAMP.2, to: K.1, colour: yellow, gauge: 18, length: 1 }
          w5: { from: K.3, to: T1.X2, colour: blue, gauge: 18, length: 1 }
          w6: { from: K.1, to: K.2, colour: yellow, gauge: 18, length: 1 }
          w7: { from: K.4, to: K.3, colour: blue, gauge: 18, length: 1 }
        conditions: {}
        ladder:
          - { title: Control, rails: [T1.X1, T1.X2] }
        YAML);
    expect($unit->with()->chattering)->toBe(['K']);
});
