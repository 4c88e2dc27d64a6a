<?php

use Levin\Core\Circuit\Conditions;
use Levin\Core\Circuit\UnknownName;
use Levin\Core\Diagnosis\Advice;
use Levin\Core\Diagnosis\Evidence;
use Levin\Core\Diagnosis\Limits;
use Levin\Core\Diagnosis\Occasion;
use Levin\Core\Diagnosis\Probe;
use Levin\Core\Diagnosis\Result;
use Levin\Core\Diagnosis\Standpoint;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Tests\Support\Unit;

it('tests a coil by itself: dead, one lead lifted, and says what each result is of it', function (): void {
    $now = Conditions::healthyDefaults(Unit::cooling()->model()->circuit);
    [$coil] = Unit::cooling()->investigation()->byItself('CC', [], new Standpoint($now));
    expect($coil->candidate->test->key())->toBe((new Probe(MeterFunction::Ohms, 'CC.A', 'CC.B'))->key())
        ->and($coil->candidate->when->conditions->isPoweredDown(Unit::cooling()->model()->circuit))->toBeTrue()
        ->and($coil->candidate->lift)->toHaveCount(1)
        // the plate has 12 Ω; an open coil shows OL [physics]
        ->and($coil->healthy)->toEqualWithDelta(12.0, 0.3);
    $wrong = array_column(array_map(fn (Result $r): array => [$r->said, $r->wrong], $coil->outcomes), 1, 0);
    expect($wrong['OL'])->toBe(['coil open'])->and($wrong[$coil->said] ?? null)->not->toContain('coil open');
});

it('says what a part reads under load: its poles and its coil, what its motor takes', function (): void {
    $now = Conditions::healthyDefaults(Unit::cooling()->model()->circuit);
    $fed = fn (string $part): array => array_map(
        static fn (Advice $a): array => [$a->candidate->test->key(), $a->healthy],
        Unit::cooling()->investigation()->underLoad($part, [], new Standpoint($now)),
    );
    $contactor = array_column($fed('CC'), 1, 0);
    // a closed pole drops next to nothing; the coil has what the transformer gives
    expect($contactor['vac CC.L1 CC.T1'])->toBeLessThan(0.3)->and($contactor['vac CC.A CC.B'])->toBeGreaterThan(20.0)
        ->and(array_keys(array_column($fed('OFM'), 1, 0)))->toContain('clamp w14 × 1');
});

it('says how probable a result is by what has been learned', function (): void {
    $now = Conditions::healthyDefaults(Unit::cooling()->model()->circuit);
    $open = function (array $evidence) use ($now): float {
        $tests = Unit::cooling()->investigation()->byItself('CC', $evidence, new Standpoint($now));
        $coil = array_values(array_filter($tests, fn (Advice $a): bool => $a->title === 'Ohms: CC.A → CC.B'))[0];

        return array_sum(array_map(fn (Result $r): float => $r->said === 'OL' ? $r->probability : 0.0, $coil->outcomes));
    };
    // 24 V across a coil that does not pull in: it is open, or its armature sticks
    $fed = new Evidence(new Probe(MeterFunction::VoltsAc, 'CC.A', 'CC.B'), 26.0, new Occasion($now));
    $silent = new Evidence(new Levin\Core\Diagnosis\Look('CC'), 'dropped out', new Occasion($now));
    expect($open([]))->toBeLessThan(0.1)->and($open([$silent, $fed]))->toBeGreaterThan(0.5);
});

it('offers nothing that cannot be done now, and knows only what is on the drawing', function (): void {
    $now = Conditions::healthyDefaults(Unit::cooling()->model()->circuit);
    $from = new Standpoint($now, limits: new Limits(mustRun: true));
    expect(Unit::cooling()->investigation()->byItself('CC', [], $from))->toBe([])
        ->and(fn () => Unit::cooling()->investigation()->byItself('NO', [], new Standpoint($now)))->toThrow(UnknownName::class);
});
