<?php

declare(strict_types=1);

use Levin\Core\Diagnosis\Evidence;
use Levin\Core\Diagnosis\Fit;
use Levin\Core\Diagnosis\Followed;
use Levin\Core\Diagnosis\Investigation;
use Levin\Core\Diagnosis\Look;
use Levin\Core\Diagnosis\MemoryOutlooks;
use Levin\Core\Diagnosis\Occasion;
use Levin\Core\Diagnosis\Pause;
use Levin\Core\Diagnosis\Predictor;
use Levin\Core\Diagnosis\Probe;
use Levin\Core\Diagnosis\Standpoint;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Operation\Recent;
use Levin\Core\Tests\Support\Unit;

/** Somebody comes at one of the pauses. */
final class SomebodyComes implements Pause
{
    public int $left = PHP_INT_MAX;

    public function take(): void
    {
        if ($this->left-- === 0) {
            throw new OutOfBoundsException('somebody comes');
        }
    }
}

/** @return list<Evidence> */
function seenAndRead(Unit $unit): array
{
    $on = new Occasion($unit->conditions());

    return [
        new Evidence(new Look('CC'), 'dropped out', $on),
        new Evidence(new Probe(MeterFunction::VoltsAc, 'T1.X1', 'T1.X2'), 26.4, $on),
        new Evidence(new Probe(MeterFunction::VoltsAc, 'CC.A', 'CC.B'), 0.02, $on),
    ];
}

it('comes to the same whether it has gone ahead or not, and whenever it was interrupted', function (int $after): void {
    $unit = Unit::shipped('split-cooling');
    $from = new Standpoint($unit->conditions());
    [$first, $second, $third] = seenAndRead($unit);
    $plain = (new Investigation(Predictor::of($unit->settler, new MemoryOutlooks)))->assess([$first, $second, $third], $from);
    $pause = new SomebodyComes;
    $ahead = new Investigation(Predictor::of($unit->settler, new MemoryOutlooks, $pause));
    foreach ([[$first], [$first, $second]] as $evidence) {
        $assessment = $ahead->assess($evidence, $from);
        $pause->left = $after;
        try {
            $ahead->goAhead($evidence, $assessment, $from);
        } catch (OutOfBoundsException) {
            // it goes on when it is asked again
        }
        $pause->left = PHP_INT_MAX;
    }
    $assessment = $ahead->assess([$first, $second, $third], $from);
    foreach ($plain->posterior as $v => $share) {
        expect($assessment->posterior[$v])->toEqualWithDelta($share, 1e-9);
    }
    expect($assessment->next[0]->candidate->key())->toBe($plain->next[0]->candidate->key())
        ->and($assessment->meanings)->toEqual($plain->meanings)
        ->and($ahead->hear([$first, $second, $third], $from)->meanings())->toEqual($plain->meanings);
})->with(['at once' => 0, 'soon' => 40, 'late' => 900, 'never' => PHP_INT_MAX]);

it('does not work out again what the same evidence comes to from the same standpoint', function (): void {
    $unit = Unit::cooling();
    $investigation = $unit->investigation();
    $from = new Standpoint($unit->conditions());
    $seen = fn (string $shown): Evidence => new Evidence(new Look('CC'), $shown, new Occasion($unit->conditions()));
    $one = $investigation->assess([$seen('pulled in')], $from);
    expect($investigation->assess([$seen('pulled in')], new Standpoint($unit->conditions())))->toBe($one)
        ->and($investigation->assess([$seen('dropped out')], $from))->not->toBe($one)
        ->and($investigation->assess([$seen('pulled in')], new Standpoint($unit->conditions(), place: 'roof')))->not->toBe($one)
        ->and($investigation->ofAnother()->assess([$seen('pulled in')], $from))->not->toBe($one)->toEqual($one)
        // before anything is learned they are the same
        ->and($investigation->ofAnother()->assess([], $from))->toBe($investigation->assess([], $from));
});

it('follows the same pieces once', function (): void {
    $start = new Followed;
    $fit = new Fit(0.5, 0.5, true, [1 => [0.25, 0.8], 2 => [0.75, 0.4]]);
    $other = new Fit(0.5, 0.5, true, [1 => [1.0, 0.1]]);
    $on = $start->through($fit, false);
    // 0.25 of 0.8 and 0.75 of 0.4
    expect($on->likelihood)->toEqualWithDelta(0.5, 1e-12)->and($on->now[1])->toEqualWithDelta(0.4, 1e-12)
        ->and($start->through($fit, false))->toBe($on)
        ->and($start->through($fit, true))->not->toBe($on)
        ->and($on->through($other, true))->not->toBe($start->through($other, true));
});

it('keeps the last few at hand, the one that was asked for last the longest', function (): void {
    $recent = new Recent(2);
    $made = [];
    $of = function (string $key) use ($recent, &$made): object {
        return $recent->of($key, function () use ($key, &$made): object {
            $made[] = $key;

            return (object) ['key' => $key];
        });
    };
    array_map($of, ['a', 'b', 'a', 'c', 'a', 'b']);
    expect($made)->toBe(['a', 'b', 'c', 'b'])->and($of('a')->key)->toBe('a');
});
