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

it('lays no symbol over another and keeps all within the sheet', function (string $id): void {
    $drawing = Layout::of(Unit::shipped($id)->model());
    foreach ($drawing->symbols as $n => $a) {
        expect($a->x1)->toBeGreaterThanOrEqual(0)
            ->and($a->x2)->toBeLessThanOrEqual($drawing->width)->and($a->y)->toBeLessThan($drawing->height);
        foreach (array_slice($drawing->symbols, $n + 1) as $b) {
            $apart = abs($a->y - $b->y) > 40 || $a->x2 <= $b->x1 || $b->x2 <= $a->x1;
            expect($apart)->toBeTrue("{$a->part} lies over {$b->part}");
        }
    }
})->with(Unit::everyShipped());

it('joins each conductor to the places of its points, or beside them where several leave one', function (string $id): void {
    $drawing = Layout::of(Unit::shipped($id)->model());
    $places = [];
    foreach ($drawing->points as $p) {
        $places[$p->point][] = [$p->x, $p->y];
    }
    foreach ($drawing->conductors as $c) {
        foreach ($c->wire === '' ? [] : [[$c->from, $c->path[0]], [$c->to, $c->path[count($c->path) - 1]]] as [$point, $end]) {
            $near = array_filter($places[$point], static fn (array $at): bool => abs($at[0] - $end[0]) <= 33);
            expect($near)->not->toBe([], "$c->wire does not come to $point");
        }
    }
})->with(Unit::everyShipped());

it('draws the same again, and every part that does something', function (string $id): void {
    $model = Unit::shipped($id)->model();
    $drawing = Layout::of($model);
    $drawn = array_unique(array_column($drawing->symbols, 'part'));
    $silent = array_filter($model->parts, static fn ($kind): bool => $kind->symbols() === [] || $kind->part->id === 'SUP');
    expect(Layout::of($model))->toEqual($drawing)
        ->and(array_values(array_diff(array_keys($model->parts), $drawn, array_keys($silent))))->toBe([])
        ->and(count(array_unique(array_column($drawing->symbols, 'id'))))->toBe(count($drawing->symbols))
        ->and(count(array_unique(array_column($drawing->conductors, 'id'))))->toBe(count($drawing->conductors));
})->with(Unit::everyShipped());

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
