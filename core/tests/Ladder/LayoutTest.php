<?php

declare(strict_types=1);

use Levin\Core\Ladder\Layout;
use Levin\Core\Ladder\Svg;
use Levin\Core\Tests\Support\Unit;

it('draws every wire once and every point but the buried neutral', function (): void {
    $circuit = Unit::cooling()->model()->circuit;
    $drawing = Layout::of(Unit::cooling()->model());
    $wires = array_values(array_filter(array_column($drawing->conductors, 'wire')));
    expect($wires)->toEqualCanonicalizing(array_keys($circuit->wires))
        ->and(array_values(array_diff($circuit->points(), array_column($drawing->points, 'point'))))->toBe(['SUP.N']);
});

it('lays no symbol over another and keeps all within the sheet', function (): void {
    $drawing = Layout::of(Unit::cooling()->model());
    foreach ($drawing->symbols as $n => $a) {
        expect($a->x1)->toBeGreaterThanOrEqual(0)
            ->and($a->x2)->toBeLessThanOrEqual($drawing->width)->and($a->y)->toBeLessThan($drawing->height);
        foreach (array_slice($drawing->symbols, $n + 1) as $b) {
            $apart = abs($a->y - $b->y) > 40 || $a->x2 <= $b->x1 || $b->x2 <= $a->x1;
            expect($apart)->toBeTrue("{$a->part} lies over {$b->part}");
        }
    }
});

it('joins each conductor to the places of its points', function (): void {
    $drawing = Layout::of(Unit::cooling()->model());
    $x = [];
    foreach ($drawing->points as $p) {
        $x[$p->point][] = $p->x;
    }
    foreach ($drawing->conductors as $c) {
        if ($c->wire !== '') {
            expect($x[$c->from])->toContain($c->path[0][0])
                ->and($x[$c->to])->toContain($c->path[count($c->path) - 1][0]);
        }
    }
});

it('writes well-formed SVG with every part named', function (): void {
    $model = Unit::cooling()->model();
    $svg = simplexml_load_string(Svg::of(Layout::of($model), $model->circuit));
    expect($svg)->not->toBeFalse();
    $text = strip_tags((string) ($svg === false ? '' : $svg->asXML()));
    foreach (['COMP', 'HP', 'TST', 'T1', 'CAP'] as $part) {
        expect($text)->toContain($part);
    }
});

it('draws every wire of every shipped circuit exactly once, and no vertical through a point that is not its '
    .'own', function (string $id): void {
        $model = Unit::shipped($id)->model();
        $drawing = Layout::of($model);
        $drawn = array_values(array_filter(array_column($drawing->conductors, 'wire')));
        expect($drawn)->toEqualCanonicalizing(array_map(strval(...), array_keys($model->circuit->wires)));
        foreach ($drawing->conductors as $conductor) {
            foreach (array_slice($conductor->path, 1) as $n => [$x2, $y2]) {
                [$x1, $y1] = $conductor->path[$n];
                foreach ($x1 === $x2 ? $drawing->points : [] as $point) {
                    $runsThrough = abs($point->x - $x1) < 2 && $point->y > min($y1, $y2) + 1 && $point->y < max($y1, $y2) - 1;
                    expect($runsThrough && ! in_array($point->point, [$conductor->from, $conductor->to], true))->toBeFalse(
                        "{$conductor->from} to {$conductor->to} runs through {$point->point}",
                    );
                }
            }
        }
    })->with(Unit::everyShipped());
