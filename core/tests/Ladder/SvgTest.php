<?php

use Levin\Core\Ladder\Layout;
use Levin\Core\Ladder\Svg;
use Levin\Core\Tests\Support\Unit;

/** @return list<string> */
function rungsOf(string $circuit, string ...$marked): array
{
    $model = Unit::shipped($circuit)->model();

    return Svg::rungs(Layout::of($model), $model->circuit, array_values($marked));
}

it('draws the rung of a part from rail to rail, with it marked, and nothing of other rungs', function (): void {
    [$rung] = rungsOf('split-cooling', 'HP');
    $xml = simplexml_load_string($rung);
    expect($xml)->not->toBeFalse()->and(substr_count($rung, '#ffd23f'))->toBe(1)
        ->and($rung)->toContain('HP.1')->toContain('CC.A')->not->toContain('OFM');
});

it('has the rung that a branch hangs from', function (): void {
    $rungs = rungsOf('split-cooling', 'CAP');
    expect($rungs)->toHaveCount(1)->and($rungs[0])->toContain('CAP.FAN')->toContain('CC.T1');
});

it('marks a wire along its run', function (): void {
    $rungs = rungsOf('split-cooling', 'w24');
    expect($rungs)->not->toBe([])->and(implode('', $rungs))->toContain('stroke="#ffd23f"');
});

it('draws nothing of what is not drawn', function (): void {
    expect(rungsOf('split-cooling', 'nothing'))->toBe([])->and(rungsOf('split-cooling'))->toBe([]);
});

it('draws every part of every shipped circuit within its picture', function (string $circuit): void {
    $model = Unit::shipped($circuit)->model();
    foreach (array_keys($model->parts) as $part) {
        foreach (rungsOf($circuit, $part) as $svg) {
            preg_match('/viewBox="0 0 [\d.]+ ([\d.]+)"/', $svg, $box);
            preg_match('/translate\(0 (-?[\d.]+)\)/', $svg, $shift);
            preg_match_all('/<circle cx="[\d.]+" cy="([\d.]+)"/', $svg, $circles);
            foreach ($circles[1] as $y) {
                expect($y + $shift[1])->toBeGreaterThanOrEqual(0.0)->toBeLessThanOrEqual((float) $box[1]);
            }
        }
    }
})->with(['split-cooling', 'heat-pump', 'gas-furnace', 'rooftop-460']);
