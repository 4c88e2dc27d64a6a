<?php

declare(strict_types=1);

use Levin\Core\Checks\Bench\BadGiven;
use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Checks\Refrigerants\Atmosphere;
use Levin\Core\Checks\Refrigerants\OffTheTable;
use Levin\Core\Checks\Refrigerants\Refrigerant;
use Levin\Core\Checks\Refrigerants\RefrigerantSide;
use Levin\Core\Checks\Refrigerants\Saturation;
use Levin\Core\Tests\Support\Figures;

const PSI = 6894.757;

dataset('refrigerants', array_map(static fn (Refrigerant $r): array => [$r], Refrigerant::all()));

it('knows the refrigerants of the trade', function (): void {
    expect(array_keys(Refrigerant::all()))->toBe(['R-22', 'R-32', 'R-134a', 'R-290', 'R-404A', 'R-410A', 'R-448A', 'R-454B']);
});

it('boils at one atmosphere at its normal boiling point', function (string $name, float $bubble, float $dew): void {
    // ASHRAE Standard 34 and makers' sheets, normal boiling points, of blends bubble and dew (from memory), within half a kelvin
    $refrigerant = Refrigerant::named($name);
    expect($refrigerant->bubble->celsius(101325.0))->toEqualWithDelta($bubble, 0.5)
        ->and($refrigerant->dew->celsius(101325.0))->toEqualWithDelta($dew, 0.5);
})->with([
    ['R-22', -40.8, -40.8], ['R-32', -51.7, -51.7], ['R-134a', -26.1, -26.1], ['R-290', -42.1, -42.1], ['R-404A', -46.2, -45.5],
    ['R-410A', -51.4, -51.4], ['R-448A', -45.9, -39.8], ['R-454B', -50.9, -50.0],
]);

it('has the pressures of a pocket card', function (string $name, float $fahrenheit, float $bubble, float $dew): void {
    // pressure-temperature cards as they are handed out, psig at °F, liquid and vapour (from memory), within 1.5 %
    $refrigerant = Refrigerant::named($name);
    $celsius = ($fahrenheit - 32) / 1.8;
    foreach ([[$refrigerant->bubble, $bubble], [$refrigerant->dew, $dew]] as [$curve, $psig]) {
        expect($curve->pressure($celsius) / PSI)->toEqualWithDelta($psig + 14.696, 0.015 * ($psig + 14.696));
    }
})->with([
    ['R-22', 40.0, 68.5, 68.5], ['R-22', 100.0, 195.9, 195.9], ['R-22', 119.0, 256.0, 256.0], ['R-134a', 40.0, 35.1, 35.1],
    ['R-134a', 100.0, 124.2, 124.2], ['R-410A', 40.0, 118.0, 118.0], ['R-410A', 100.0, 317.2, 317.2], ['R-404A', 0.0, 33.7, 32.7],
    ['R-404A', 100.0, 237.0, 234.0], ['R-32', 77.0, 230.4, 230.4], ['R-290', 77.0, 123.4, 123.4], ['R-290', 40.0, 64.0, 64.0],
    ['R-448A', 40.0, 88.0, 71.0], ['R-448A', 100.0, 238.0, 211.0], ['R-454B', 40.0, 112.6, 107.4], ['R-454B', 100.0, 302.0, 291.0],
]);

it('has a smooth table: the heat that goes with boiling falls slowly as it gets warmer', function (Refrigerant $refrigerant): void {
    // Clausius and Clapeyron: −R d(ln p)/d(1/T) is the heat of vaporisation over the compressibility, which changes little
    foreach ([$refrigerant->bubble, $refrigerant->dew] as $curve) {
        $slopes = [];
        for ($t = -55; $t < 65; $t += 5) {
            $slopes[] = log($curve->pressure($t + 5.0) / $curve->pressure((float) $t)) / (1 / ($t + 273.15) - 1 / ($t + 278.15));
        }
        expect(count($slopes) + 1)->toBeGreaterThanOrEqual(12);
        foreach (array_slice($slopes, 1) as $n => $slope) {
            expect(abs($slope / $slopes[$n] - 1))->toBeLessThan(0.012);
        }
    }
})->with('refrigerants');

it('has the dew point at or over the bubble point, and each from the other', function (Refrigerant $refrigerant): void {
    for ($t = -54.0; $t <= 64.0; $t += 3.7) {
        expect($refrigerant->bubble->pressure($t))->toBeGreaterThanOrEqual($refrigerant->dew->pressure($t))
            ->and($refrigerant->bubble->celsius($refrigerant->bubble->pressure($t)))->toEqualWithDelta($t, 1e-9)
            ->and($refrigerant->dew->celsius($refrigerant->dew->pressure($t)))->toEqualWithDelta($t, 1e-9);
    }
    expect($refrigerant->isPure())->toBe(! in_array($refrigerant->name, ['R-404A', 'R-410A', 'R-448A', 'R-454B'], true))
        ->and(fn () => $refrigerant->dew->pressure(65.1))->toThrow(OffTheTable::class)
        ->and(fn () => $refrigerant->dew->celsius(1e3))->toThrow(OffTheTable::class);
})->with('refrigerants');

it('counts a gauge from the air about it', function (float $metres, float $kilopascal): void {
    // ISO 2533 standard atmosphere, table (from memory)
    expect((new Atmosphere($metres))->pressure() / 1e3)->toEqualWithDelta($kilopascal, 0.05);
})->with([[0.0, 101.325], [500.0, 95.46], [1000.0, 89.87], [1609.0, 83.44], [2000.0, 79.50], [3000.0, 70.12]]);

it('turns a pressure into a temperature and back, and says whether the two belong together at rest', function (): void {
    $of = static fn (array $given) => (new Saturation)->of(['refrigerant' => 'R-22', ...$given]);
    // 256 psig of R-22 are 119 °F: common practice, and the pocket card
    expect(Figures::of($of(['pressure' => '256']), 'boils at'))->toEqualWithDelta((119 - 32) / 1.8, 0.3)
        ->and(Figures::of($of(['temperature' => '119']), 'pressure there') / PSI)->toEqualWithDelta(256.0, 1.5)
        ->and($of(['pressure' => '256'])->verdict)->toBe(Verdict::CannotSay)->and($of([])->verdict)->toBe(Verdict::CannotSay)
        ->and($of(['pressure' => '121', 'temperature' => '70'])->verdict)->toBe(Verdict::Good)
        ->and($of(['pressure' => '100', 'temperature' => '70'])->headline)->toContain('no liquid left')
        ->and($of(['pressure' => '140', 'temperature' => '70'])->headline)->toContain('air in it')
        // a mile up the same gauge stands for less
        ->and(Figures::of($of(['pressure' => '256', 'elevation' => '5280']), 'boils at'))->toBeLessThan(48.0)
        ->and(array_map(static fn ($f): string => $f->label, $of(['refrigerant' => 'R-448A', 'pressure' => '100'])->figures))
        ->toBe(['bubble point', 'dew point']);
});

it('refuses what its table does not reach, and what cannot be', function (array $given, string $says): void {
    $check = isset($given['suction']) ? new RefrigerantSide : new Saturation;
    expect(fn () => $check->of($given))->toThrow(BadGiven::class, $says);
})->with([
    [['pressure' => '-20'], 'beyond the table of R-22'], [['temperature' => '200'], '(-67 to 149 °F)'], [['pressure' => '1e99'], 'gauge'],
    [['suction' => '118', 'head' => '60'], 'swapped'], [['suction' => '900'], 'beyond the table'], [['suction' => 'OL'], 'not a number'],
    [['suction' => '118', 'refrigerant' => 'R-999'], 'Choose one of'], [['suction' => '68', 'head' => '1200'], 'beyond the table'],
]);

it('judges superheat, subcooling, condensing over the air and the split', function (array $given, Verdict $is): void {
    // 40 °F evaporating and 105 °F condensing of R-410A, off the pocket card: the lines are then so much warmer or colder.
    // Limits: common practice, no published source
    expect((new RefrigerantSide)->of(['refrigerant' => 'R-410A', 'suction' => '118', ...$given])->verdict)->toBe($is);
})->with([
    'superheat 12' => [['suction_line' => '52'], Verdict::Good], 'superheat 1' => [['suction_line' => '41'], Verdict::Bad],
    'superheat 4' => [['suction_line' => '44'], Verdict::Watch], 'superheat 6' => [['suction_line' => '46'], Verdict::Good],
    'superheat 19' => [['suction_line' => '59'], Verdict::Good], 'superheat 21' => [['suction_line' => '61.5'], Verdict::Watch],
    'fixed, no target' => [['suction_line' => '61', 'metering' => 'fixed orifice'], Verdict::CannotSay],
    'fixed, target' => [['suction_line' => '61', 'metering' => 'fixed orifice', 'superheat' => '18'], Verdict::Good],
    'fixed, off target' => [['suction_line' => '61', 'metering' => 'fixed orifice', 'superheat' => '12'], Verdict::Watch],
    'subcooling 10' => [['head' => '340', 'liquid_line' => '94.7'], Verdict::Good],
    'subcooling 3' => [['head' => '340', 'liquid_line' => '102'], Verdict::Watch],
    'subcooling 10, plate 15' => [['head' => '340', 'liquid_line' => '94.7', 'subcooling' => '15'], Verdict::Watch],
    'subcooling 10, plate 12' => [['head' => '340', 'liquid_line' => '94.7', 'subcooling' => '12'], Verdict::Good],
    'no liquid' => [['head' => '340', 'liquid_line' => '115'], Verdict::CannotSay],
    'over 29' => [['head' => '340', 'outdoor' => '76'], Verdict::Good], 'over 31' => [['head' => '340', 'outdoor' => '73'], Verdict::Bad],
    'split 18' => [['return' => '75', 'supply' => '57'], Verdict::Good],
    'split 23' => [['return' => '75', 'supply' => '52'], Verdict::Watch],
    'split 14' => [['return' => '75', 'supply' => '61'], Verdict::Watch],
    'cooler' => [['return' => '75', 'supply' => '61', 'kind' => 'refrigeration'], Verdict::CannotSay],
    'suction alone' => [[], Verdict::CannotSay],
]);

it('tells an electrical fault from one of the refrigerant', function (array $given, string $says): void {
    // how the patterns are told apart: common practice, no published source
    expect((new RefrigerantSide)->of(['refrigerant' => 'R-410A', ...$given])->headline)->toContain($says);
})->with([
    'does not pump' => [['suction' => '210', 'head' => '215'], 'Electrical first: both sides are alike'],
    'fan stands' => [['suction' => '125', 'head' => '480', 'outdoor' => '85', 'fan' => 'stands'], 'because the condenser fan stands'],
    'dirty coil' => [['suction' => '125', 'head' => '480', 'outdoor' => '85', 'fan' => 'runs'], 'Air: heat does not leave'],
    'too much' => [['suction' => '130', 'head' => '440', 'liquid_line' => '98', 'outdoor' => '85'], 'too much of it'],
    'blower stands' => [['suction' => '80', 'suction_line' => '22', 'return' => '75', 'blower' => 'stands'], 'the evaporator fan stands'],
    'filter' => [['suction' => '80', 'suction_line' => '23', 'return' => '75'], 'too little of it over the evaporator'],
    'short' => [['suction' => '80', 'suction_line' => '60', 'head' => '270', 'liquid_line' => '84'], 'short of charge'],
    'held back' => [
        ['suction' => '70', 'suction_line' => '60', 'head' => '310', 'liquid_line' => '84', 'return' => '75'], 'held back before',
    ],
    'hardly pumps' => [['suction' => '170', 'head' => '250', 'outdoor' => '82', 'return' => '75'], 'It hardly pumps'],
    'stands, charged' => [['suction' => '201', 'outdoor' => '70', 'compressor' => 'stands'], 'Electrical: there is refrigerant'],
    'stands, empty' => [['suction' => '60', 'outdoor' => '70', 'compressor' => 'stands'], 'no liquid left'],
    'stands, not alike' => [['suction' => '120', 'head' => '300', 'outdoor' => '70', 'compressor' => 'stands'], 'not alike yet'],
]);
