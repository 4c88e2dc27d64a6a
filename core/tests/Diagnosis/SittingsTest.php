<?php

declare(strict_types=1);

use Levin\Core\Diagnosis\Evidence;
use Levin\Core\Diagnosis\Fit;
use Levin\Core\Diagnosis\Followed;
use Levin\Core\Diagnosis\Look;
use Levin\Core\Diagnosis\Occasion;
use Levin\Core\Diagnosis\Probe;
use Levin\Core\Diagnosis\Sittings;
use Levin\Core\Diagnosis\Standpoint;
use Levin\Core\Diagnosis\Suspect;
use Levin\Core\Diagnosis\Watch;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Tests\Support\Unit;

/** All ways through three scenes added up, a scene for each piece: the forward algorithm's sum the long way (Rabiner 1989, from memory). */
function addedUp(array $shares, array $likelihoods): float
{
    $wentOn = 0.15;
    $sum = 0.0;
    $ways = [[]];
    foreach ($likelihoods as $_) {
        $ways = array_merge(...array_map(fn (array $way): array => array_map(fn (int $s): array => [...$way, $s], [0, 1, 2]), $ways));
    }
    foreach ($ways as $way) {
        $chance = 1.0;
        foreach ($way as $n => $scene) {
            $chance *= $n === 0
                ? $shares[$scene]
                : (1 - $wentOn) * ($scene === $way[$n - 1] ? 1.0 : 0.0) + $wentOn * $shares[$scene];
            $chance *= $likelihoods[$n][$scene];
        }
        $sum += $chance;
    }

    return $sum;
}

/**
 * Through some pieces of one sitting, with the power on all of the time.
 *
 * @param  list<Fit>  $fits
 * @return array{list<float>, array<int, float>} how likely each is after those before it; chance of each scene then
 */
function followedThrough(array $fits): array
{
    $followed = new Followed;
    $likelihoods = [];
    foreach ($fits as $fit) {
        $followed = $followed->through($fit, false);
        $likelihoods[] = $followed->likelihood;
    }

    return [$likelihoods, $followed->now];
}

it('gives what is gathered together the chance that all ways through its scenes add up to', function (int $seed): void {
    $dice = new Random\Randomizer(new Random\Engine\Mt19937($seed));
    $one = fn (): float => $dice->getInt(1, 1000) / 1000;
    $shares = [$one(), $one(), $one()];
    $shares = array_map(fn (float $s): float => $s / array_sum($shares), $shares);
    $likelihoods = array_map(fn (): array => [$one(), $one(), $one()], range(1, 4));
    $fits = array_map(
        fn (array $own): Fit => new Fit(0.5, 0.5, true, array_map(null, $shares, $own)),
        $likelihoods,
    );
    [$followed, $now] = followedThrough($fits);
    expect(array_product($followed))->toEqualWithDelta(addedUp($shares, $likelihoods), 1e-12)
        ->and(array_sum($now))->toEqualWithDelta(1.0, 1e-12);
})->with([1, 2, 3]);

it('takes what is the same in every scene for what it is', function (): void {
    $scenes = [0 => [0.5, 0.9], 1 => [0.5, 0.1]];
    $fit = new Fit(0.5, 0.5, true, $scenes);
    [$followed, $now] = followedThrough([$fit, new Fit(0.25, 0.25, true), $fit]);
    // 0.9 of 1 that it is in the first; it stays there, or goes on to either
    $stays = 0.85 * 0.9 + 0.15 * 0.5;
    expect($followed[0])->toEqualWithDelta(0.5, 1e-12)->and($followed[1])->toBe(0.25)
        ->and($followed[2])->toEqualWithDelta($stays * 0.9 + (1 - $stays) * 0.1, 1e-12)->and($now[0])->toBeGreaterThan(0.97);
});

it('begins anew where a machine has started or stopped, power comes back or it is watched; not where power is cut', function (): void {
    $unit = Unit::cooling();
    $on = new Occasion($unit->conditions());
    $off = new Occasion($unit->off());
    $seen = fn (string $part, string $shown, Occasion $when): Evidence => new Evidence(new Look($part), $shown, $when);
    $sittings = Sittings::among($unit->model()->circuit, [
        $seen('COMP', 'runs', $on), $seen('OFM', 'runs', $on), $seen('COMP', 'silent', $on), $seen('OFM', 'silent', $on),
        $seen('COMP', 'silent', $off), $seen('COMP', 'silent', $on), new Evidence(new Watch('OFM'), 'runs', $on),
        $seen('IBM', 'runs', $on),
    ]);
    expect($sittings->of(range(0, 7)))->toBe([[0, 1], [2, 3, 4], [5], [6, 7]])
        ->and($sittings->of([1, 3, 5]))->toBe([[1], [3], [5]])
        ->and($sittings->last())->toBe([6, 7])->and($sittings->with(2))->toBe([2, 3, 4]);
});

it('takes what is measured dead for what is left of what was just seen', function (): void {
    // a condenser fan that fades stops now and then, and its pressure control opens: seen open, it is still open once power is cut
    $unit = Unit::shipped('freezer-pump-down');
    $on = new Occasion($unit->conditions());
    $off = new Occasion($unit->off());
    $live = [
        new Evidence(new Look('COMP'), 'silent', $on),
        new Evidence(new Probe(MeterFunction::VoltsAc, 'HPC.1', 'HPC.2'), 240.0, $on),
    ];
    $open = new Evidence(new Probe(MeterFunction::Ohms, 'HPC.1', 'HPC.2'), null, $off);
    $share = function (Evidence ...$evidence) use ($unit): float {
        $investigation = $unit->investigation();
        $posterior = $investigation->assess(array_values($evidence), new Standpoint($unit->conditions()))->posterior;
        $weak = array_filter($investigation->predictor()->suspects, fn (Suspect $s): bool => $s->ids() === ['FCAP:run-weak']);

        return array_sum(array_intersect_key($posterior, array_flip(current($weak)->variants)));
    };
    expect($share(...$live))->toBeGreaterThan(0.0)
        ->and($share(...$live, ...[$open]))->toBeGreaterThan(0.5 * $share(...$live))
        ->and($share(...$live, ...[$open, $open]))->toBeGreaterThan(0.5 * $share(...$live));
});
