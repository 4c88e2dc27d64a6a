<?php

declare(strict_types=1);

use Levin\Core\Diagnosis\Episodes;
use Levin\Core\Diagnosis\Evidence;
use Levin\Core\Tests\Support\Learned;
use Levin\Core\Tests\Support\Unit;

// What comes and goes is there for a whole episode or for none of it, half of the time each: Bayes over two states, worked by hand here.

/** @return list<Evidence> looks at one machine */
function looks(string ...$seen): array
{
    $now = Unit::cooling()->conditions();

    return array_map(static fn (string $one): Evidence => Learned::seen('COMP', $one, $now), array_values($seen));
}

it('begins another episode where a machine does something else than before', function (): void {
    $episodes = Episodes::among(looks('runs', 'runs', 'silent', 'silent', 'runs'));
    expect($episodes->areSeveral())->toBeTrue()->and(Episodes::among(looks('runs', 'runs'))->areSeveral())->toBeFalse()
        ->and($episodes->together(0, 1))->toBeTrue()->and($episodes->together(1, 2))->toBeFalse()
        ->and($episodes->together(2, 3))->toBeTrue()->and($episodes->together(0, 4))->toBeFalse()
        ->and(Episodes::among([])->areSeveral())->toBeFalse();
});

it('learns nothing new from a machine that goes on and off again', function (): void {
    expect(Episodes::among(looks('runs', 'silent', 'runs', 'silent'))->again([0, 1, 2, 3]))->toBe([2 => true, 3 => true])
        // with the first ones left out, they are the first
        ->and(Episodes::among(looks('runs', 'silent', 'runs', 'silent'))->again([2, 3]))->toBe([]);
});

it('comes to the likelihood of all of an episode, piece by piece', function (array $sound, array $failed): void {
    $episodes = Episodes::among(looks('runs', 'runs', 'runs'));
    $all = 0.5 * array_product($sound) + 0.5 * array_product($failed);
    expect(array_product($episodes->factors($sound, $failed)))->toEqualWithDelta($all, 1e-12);
})->with([
    [[0.9, 0.8, 0.7], [0.1, 0.2, 0.3]], [[1.0, 1.0, 1.0], [0.5, 0.5, 0.5]], [[0.9, 0.01, 0.9], [0.9, 0.9, 0.01]],
]);

it('takes episodes by themselves', function (): void {
    $episodes = Episodes::among(looks('runs', 'silent'));
    [$sound, $failed] = [[0.98, 0.01], [0.02, 0.97]];
    expect(array_product($episodes->factors($sound, $failed)))
        ->toEqualWithDelta((0.98 + 0.02) / 2 * (0.01 + 0.97) / 2, 1e-12);
});

it('knows how probably it is there now, by the last episode alone', function (): void {
    $episodes = Episodes::among(looks('silent', 'runs'));
    expect($episodes->isThere([0.01, 0.9], [0.9, 0.1]))->toEqualWithDelta(0.1 / (0.1 + 0.9), 1e-12)
        ->and(Episodes::among(looks('silent'))->isThere([0.01], [0.99]))->toEqualWithDelta(0.99, 1e-12)
        ->and(Episodes::among([])->isThere([], []))->toBe(0.5);
});
