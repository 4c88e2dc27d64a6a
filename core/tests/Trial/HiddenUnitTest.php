<?php

declare(strict_types=1);

use Levin\Core\Circuit\Conditions;
use Levin\Core\Diagnosis\Look;
use Levin\Core\Diagnosis\Tripped;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Parts\Sign;
use Levin\Core\Tests\Support\Unit;
use Levin\Core\Trial\Dice;
use Levin\Core\Trial\HiddenUnit;
use Levin\Core\Trial\Luck;

// The unit that a trial hides something in is what the engine is measured by: what it shows must be what such a unit shows. Common
// practice, no published source, but where one is named.

function hidden(string $circuit, string $fault, ?Luck $luck = null, int $seed = 1, bool $comesAndGoes = false): HiddenUnit
{
    $unit = Unit::shipped($circuit);
    $faults = $unit->model()->faults->parseAll($fault === '' ? [] : [$fault]);

    return new HiddenUnit($unit->settler, $unit->conditions(), $faults, $comesAndGoes, $luck ?? new Luck, new Dice($seed));
}

it('shows what a meter shows there', function (): void {
    $unit = hidden('split-cooling', 'HP:open');
    $unit->wait(600.0);
    // all of the control volts stand over the one open switch [physics]
    expect($unit->measure(MeterFunction::VoltsAc, 'HP.1', 'HP.2'))->toBeGreaterThan(24.0)->toBeLessThan(28.0)
        ->and($unit->look('CC'))->toBe('dropped out')->and($unit->look('COMP'))->toBe('silent')
        ->and($unit->isLive('CC.L1'))->toBeTrue()->and($unit->isLive('COMP.C', 'COMP.S'))->toBeTrue();
});

it('errs as often and as far as a meter of its class', function (): void {
    // readings spread normally about the true one: mean within three standard errors, spread within a tenth (statistics, textbook)
    $unit = hidden('split-cooling', '', new Luck(0.01));
    $unit->wait(120.0);
    $read = array_map(static fn (): float => (float) $unit->measure(MeterFunction::VoltsAc, 'CC.L1', 'CC.L2'), range(1, 400));
    $mean = array_sum($read) / 400;
    $spread = sqrt(array_sum(array_map(static fn (float $v): float => ($v - $mean) ** 2, $read)) / 400);
    $true = Unit::cooling()->volts('CC.L1', 'CC.L2');
    expect($mean)->toEqualWithDelta($true, 3 * 0.01 * $true / sqrt(400))->and($spread / $true)->toEqualWithDelta(0.01, 0.001);
});

it('is read on the wrong screw as often as luck has it, and owns up to it only where that shows something else', function (): void {
    $unit = hidden('split-cooling', 'HP:open', new Luck(wrong: 1.0));
    $unit->wait(600.0);
    for ($n = 0; $n < 20; $n++) {
        $unit->measure(MeterFunction::VoltsAc, 'CC.L1', 'CC.L2');
    }
    expect($unit->slips())->not->toBe([]);
    $never = hidden('split-cooling', 'HP:open');
    $never->measure(MeterFunction::VoltsAc, 'CC.L1', 'CC.L2');
    expect($never->slips())->toBe([]);
});

it('goes on living: an overload opens on a seized compressor, and closes as it cools', function (): void {
    $unit = hidden('split-cooling', 'COMP:seized');
    $seen = [];
    for ($n = 0; $n < 400; $n++) {
        $unit->wait(3.0);
        $seen[$unit->look('COMP')] = true;
    }
    expect($seen)->toHaveKeys([Look::HUMS, 'silent'])->not->toHaveKey('runs');
});

it('watches a start: what it does of it, and the most volts over a contact while it is pulled in', function (): void {
    $healthy = hidden('split-cooling', '');
    $healthy->wait(300.0);
    $healthy->restart();
    expect($healthy->watch('COMP', 240.0))->toContain('runs')
        ->and(hidden('split-cooling', 'COMP:seized')->watch('COMP', 240.0))->toBe([Look::HUMS, 'silent']);
    // open, all of the line stands over a pole; pulled in, next to nothing; a burnt one keeps all of it (IEC 60947-4-1 has the terms)
    $over = function (string $fault): float {
        $unit = hidden('rooftop-460', $fault);
        $unit->wait(60.0);
        $unit->restart();

        return $unit->peak(MeterFunction::VoltsAc, 'BC.L1', 'BC.T1', 240.0);
    };
    expect($over(''))->toBeLessThan(1.0)->and($over('BC:pole1-worn=20'))->toBeGreaterThan(20.0);
});

it('is still hot when it is started again three minutes after its overload opened on a long run', function (): void {
    $unit = hidden('rooftop-460', 'CC2:pole1-worn=24');
    $unit->wait(1800.0);
    expect($unit->look('COMP2'))->toBe('silent');
    $unit->restart();
    expect($unit->watch('COMP2', 120.0))->toBe(['silent']);
});

it('comes and goes, half of the time either way, a quarter of an hour on average', function (): void {
    $unit = hidden('split-cooling', 'HP:open', seed: 7, comesAndGoes: true);
    $there = $changes = 0;
    $was = '';
    for ($n = 0; $n < 600; $n++) {
        $unit->wait(60.0);
        $now = $unit->look('CC');
        $there += $now === 'dropped out' ? 1 : 0;
        $changes += $was !== '' && $now !== $was ? 1 : 0;
        $was = $now;
    }
    // forty changes in ten hours at a mean of fifteen minutes (Poisson; within three standard deviations)
    expect($there / 600)->toBeGreaterThan(0.3)->toBeLessThan(0.7)->and($changes)->toBeGreaterThan(20)->toBeLessThan(60);
});

it('has an owner who has seen it both ways', function (): void {
    expect(hidden('split-cooling', 'HP:open', comesAndGoes: true)->complaint()['COMP'])->toBe(['silent', 'runs'])
        ->and(hidden('split-cooling', 'HP:open')->complaint())->toBe([]);
});

it('runs once it is mended, with what had blown put right', function (): void {
    $unit = hidden('split-cooling', 'CC:coil-shorted');
    $unit->wait(60.0);
    expect($unit->look('CC'))->toBe('dropped out');
    $unit->mend(['CC:coil-shorted']);
    $unit->wait(900.0);
    expect($unit->look('CC'))->toBe('pulled in')->and($unit->look('COMP'))->toBe('runs');
});

it('is dead when it is off, and its capacitors and windings can be read', function (): void {
    $unit = hidden('split-cooling', '');
    $unit->wait(120.0);
    $model = Unit::cooling()->model();
    $off = Conditions::poweredDown($model->circuit, Unit::cooling()->conditions());
    $unit->change($off->lifting(array_map(static fn ($wire): string => $wire->id, $model->circuit->wiresAt('COMP.C'))));
    $unit->wait(60.0);
    // 0.72 and 1.9 Ω on the plate, in series by way of the wires that are on [physics]
    expect($unit->isLive('CC.T1', 'CC.T2'))->toBeFalse()
        ->and($unit->measure(MeterFunction::Ohms, 'COMP.C', 'COMP.S'))->toEqualWithDelta(1.9, 0.2)
        ->and($unit->measure(MeterFunction::Ohms, 'COMP.C', 'COMP.R'))->toEqualWithDelta(0.72, 0.2);
});

it('says how fast what was reset opens again', function (string $circuit, string $fault, string $part, string $how): void {
    expect(hidden($circuit, $fault)->opensAfter($part))->toBe($how);
})->with([
    'a bolted ground, at once' => ['split-cooling', 'COMP:grounded', 'CB1', Tripped::AT_ONCE],
    'a healthy unit, never' => ['split-cooling', '', 'CB1', Tripped::NEVER],
    'a shorted coil behind its fuse' => ['split-cooling', 'CC:coil-shorted', 'FU3', Tripped::AT_ONCE],
]);

it('feels as it is: a shaft that is seized, one that starts by hand, and nothing odd of a healthy one', function (): void {
    $felt = function (string $fault): array {
        $unit = hidden('split-cooling', $fault, seed: 3);
        $unit->wait(30.0);
        $found = array_map(static fn (): string => $unit->feel('OFM', Sign::TurnsFreely)->value, range(1, 30));

        return array_count_values($found);
    };
    expect(array_key_first($felt('')))->toBe(Sign::TurnsFreely->value)->and(count($felt('')))->toBe(1)
        ->and($felt('OFM:seized'))->toHaveKey(Sign::Seized->value)
        ->and($felt('CAP:fan-open'))->toHaveKey(Sign::StartsByHand->value);
});

it('notices when something happens that is waited for, and when it does not', function (): void {
    $unit = hidden('split-cooling', 'COMP:seized');
    $unit->wait(60.0);
    $before = $unit->look('COMP');
    expect($unit->await('COMP', 3600.0))->not->toBe($before)
        ->and(hidden('split-cooling', '')->await('CC', 600.0))->toBe('pulled in');
});
