<?php

declare(strict_types=1);

use Levin\Core\Ladder\Closeup;
use Levin\Core\Ladder\Layout;
use Levin\Core\Ladder\Svg;
use Levin\Core\Tests\Support\Unit;

/** @return list<Closeup> of a part or a wire */
function closeupsOf(string $circuit, string $id): array
{
    return array_values(array_filter(
        (new Layout(Unit::shipped($circuit)->model()))->closeups(),
        static fn (Closeup $c): bool => in_array($id, $c->drawing->drawn(), true),
    ));
}

/** @return list<string> */
function rungsOf(string $circuit, string ...$marked): array
{
    $model = Unit::shipped($circuit)->model();

    return Svg::rungs(new Layout($model), $model->circuit, array_values($marked));
}

it('shows a rung from rail to rail, and nothing of others', function (): void {
    [$rung] = closeupsOf('split-cooling', 'HP');
    expect($rung->drawing->drawn())->toContain('TST', 'HP', 'LP', 'CC')->not->toContain('BR', 'OFM')
        ->and(array_column($rung->drawing->rails, 'point'))->toBe(['AH.R', 'AH.C']);
});

it('follows what hangs from a rung back to both rails', function (): void {
    $rungs = closeupsOf('split-cooling', 'CAP');
    $start = array_values(array_filter(
        $rungs,
        static fn (Closeup $c): bool => in_array('COMP.S', array_column($c->drawing->points, 'point'), true),
    ))[0];
    expect(array_column($start->drawing->rails, 'point'))->toBe(['CC.L1', 'CC.L2'])
        ->and(array_column($start->drawing->points, 'point'))->toContain('CC.T1', 'CAP.C', 'CAP.HERM', 'COMP.S', 'COMP.C', 'CC.T2');
});

it('goes out along one line of three and back along another', function (): void {
    [$heater] = closeupsOf('rooftop-460', 'HE1A');
    expect(array_column($heater->drawing->rails, 'point'))->toEqualCanonicalizing(['TB.L1', 'TB.L2'])
        ->and($heater->drawing->drawn())->toContain('HF11', 'HF12', 'HC1');
});

it('has a motor on three lines with all three', function (): void {
    [$motor] = closeupsOf('rooftop-460', 'COMP1');
    expect(array_column($motor->drawing->rails, 'point'))->toBe(['TB.L1', 'TB.L2', 'TB.L3'])
        ->and(array_count_values(array_column($motor->drawing->symbols, 'part')))
        ->toEqual(['CF11' => 1, 'CF12' => 1, 'CF13' => 1, 'CC1' => 3, 'PL1' => 3, 'COMP1' => 1]);
});

it('has every wire and every symbol on some rung', function (string $id): void {
    $layout = new Layout(Unit::shipped($id)->model());
    $drawn = array_merge(...array_map(static fn (Closeup $c): array => $c->drawing->drawn(), $layout->closeups()));
    $symbols = array_merge(...array_map(static fn (Closeup $c): array => array_column($c->drawing->symbols, 'id'), $layout->closeups()));
    expect(array_diff($layout->whole()->drawn(), $drawn))->toBe([])
        ->and(array_diff(array_column($layout->whole()->symbols, 'id'), $symbols))->toBe([]);
})->with(Unit::everyShipped());

it('names what feeds a rung', function (): void {
    [$rung] = closeupsOf('split-cooling', 'HP');
    $feeds = array_filter(
        (new Layout(Unit::cooling()->model()))->closeups(),
        static fn (Closeup $c): bool => in_array($c->number, $rung->feeds, true),
    );
    $parts = array_merge(...array_map(static fn (Closeup $c): array => $c->drawing->drawn(), $feeds));
    expect($parts)->toContain('T1', 'FU3');
});

it('keeps the points of a rung as far apart as fingers are', function (string $id): void {
    // 44 CSS pixels: WCAG 2.2, success criterion 2.5.5 (from memory)
    foreach ((new Layout(Unit::shipped($id)->model()))->closeups() as $closeup) {
        $points = $closeup->drawing->points;
        foreach ($points as $n => $a) {
            foreach (array_slice($points, $n + 1) as $b) {
                $isRails = in_array($a->point, array_column($closeup->drawing->rails, 'point'), true)
                    && in_array($b->point, array_column($closeup->drawing->rails, 'point'), true);
                expect($isRails || hypot($a->x - $b->x, $a->y - $b->y) >= 44.0)->toBeTrue("$a->point and $b->point");
            }
        }
    }
})->with(Unit::everyShipped());

it('marks what was found, on its rung and along its run', function (): void {
    [$rung] = rungsOf('split-cooling', 'HP');
    $xml = simplexml_load_string($rung);
    expect($xml)->not->toBeFalse()->and(substr_count($rung, '#ffd23f'))->toBe(1)
        ->and($rung)->toContain('>HP<')->toContain('>CC<')->not->toContain('OFM')
        ->and(implode('', rungsOf('split-cooling', 'w24')))->toContain('stroke="#ffd23f"')
        ->and(rungsOf('split-cooling', 'w24'))->toHaveCount(1)
        ->and(rungsOf('split-cooling', 'nothing'))->toBe([])->and(rungsOf('split-cooling'))->toBe([]);
});

it('has every text of a rung by itself clear of the edges of its sheet, names of rails too', function (string $circuit): void {
    foreach ((new Layout(Unit::shipped($circuit)->model()))->closeups() as $closeup) {
        foreach ($closeup->drawing->texts as $text) {
            $left = $text->x - $text->width() / 2;
            expect($left)->toBeGreaterThanOrEqual(4.0, "$text->text, $circuit")
                ->and($left + $text->width())->toBeLessThanOrEqual($closeup->drawing->width - 4.0, "$text->text, $circuit");
        }
    }
})->with(Unit::everyShipped());
