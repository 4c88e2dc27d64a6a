<?php

declare(strict_types=1);

use Levin\Core\Checks\Bench\Verdict;
use Levin\Core\Checks\Insulation\Megohms;

it('judges hermetic compressors by their bands', function (string $read, Verdict $verdict): void {
    // over 100 MΩ fine, 50–100 watch, 20–50 moisture or acid, under 20 serious; 1000 Ω/V (common practice, no published source)
    expect((new Megohms)->of(['read' => $read])->verdict)->toBe($verdict);
})->with([
    ['OL', Verdict::Good], ['101', Verdict::Good], ['99', Verdict::Watch], ['51', Verdict::Watch], ['49', Verdict::Watch],
    ['21', Verdict::Watch],
    ['19', Verdict::Bad], ['0.4', Verdict::Bad], ['0', Verdict::Bad],
]);

it('judges motors by the least of IEEE 43', function (string $of, string $rated, string $read, Verdict $verdict): void {
    // IEEE 43-2013, table 3: 5 MΩ random-wound, 100 MΩ form-wound, kV + 1 before about 1970 (from memory); watched to twice: practice
    expect((new Megohms)->of(['read' => $read, 'of' => $of, 'rated' => $rated])->verdict)->toBe($verdict);
})->with([
    ['motor, random-wound', '460', '4.9', Verdict::Bad], ['motor, random-wound', '460', '5.1', Verdict::Watch],
    ['motor, random-wound', '460', '10.1', Verdict::Good], ['motor, form-wound', '4160', '99', Verdict::Bad],
    ['motor, form-wound', '4160', '201', Verdict::Good], ['wound before about 1970', '460', '1.45', Verdict::Bad],
    ['wound before about 1970', '460', '1.47', Verdict::Watch],
]);

it('takes a reading to 40 °C, by either formula', function (string $system, string $celsius, float $factor): void {
    // IEEE 43-2013 (from memory): older 0.5^((40 − T)/10); thermosetting exp(−4230·(1/(T + 273) − 1/313)), 1245 below 40 °C
    $figures = (new Megohms)->of(['read' => '80', 'temperature' => $celsius, 'system' => $system])->figures;
    expect($figures[1]->value)->toEqualWithDelta(80e6 * $factor, 1e3);
})->with([
    ['older', '40 °C', 1.0], ['older', '20 °C', 0.25], ['older', '60 °C', 4.0], ['older', '68 °F', 0.25],
    ['thermosetting', '60 °C', exp(-4230 * (1 / 333 - 1 / 313))], ['thermosetting', '20 °C', exp(-1245 * (1 / 293 - 1 / 313))],
]);

it('knows when a polarization index says something', function (string $one, string $ten, Verdict $verdict, int $findings): void {
    // 2.0 and up for class B and up; not meaningful above 5000 MΩ (IEEE 43-2013, from memory)
    $judgement = (new Megohms)->of(['read' => $one, 'ten' => $ten, 'of' => 'motor, random-wound']);
    expect($judgement->verdict)->toBe($verdict)->and($judgement->findings)->toHaveCount($findings);
})->with([
    ['500', '1000', Verdict::Good, 2], ['500', '990', Verdict::Watch, 2], ['6000', '6000', Verdict::Good, 1],
    ['500', 'OL', Verdict::Good, 1],
]);
