<?php

declare(strict_types=1);

use Levin\Core\Ladder\Layout;
use Levin\Core\Ladder\PaperSize;
use Levin\Core\Ladder\SvgPages;
use Levin\Core\Tests\Support\Unit;

it('prints every shipped circuit, no rung over the edge of a page, in letters of eight points and more', function (string $id): void {
    $model = Unit::shipped($id)->model();
    $rungs = (new Layout($model))->closeups(0.0);
    foreach (PaperSize::cases() as $paper) {
        $svg = simplexml_load_string((new SvgPages($model->circuit, $paper))->of($rungs));
        expect((string) $svg['width'])->toBe($paper->width().'mm')->and(count($svg->g))->toBe(count($rungs));
        foreach ($svg->g as $n => $rung) {
            preg_match('/translate\(6 ([\d.]+)\)/', (string) $rung['transform'], $at);
            preg_match('/translate\(0 6\) scale\(([\d.]+)\)/', (string) $rung->g['transform'], $scaled);
            [$top, $scale] = [(float) $at[1], (float) $scaled[1]];
            $bottom = $top + 6 + $scale * (float) $rung->g->svg['height'];
            expect(intdiv((int) $bottom, (int) ceil($paper->height())))->toBe((int) floor($top / $paper->height()))
                ->and(6 + $scale * (float) $rung->g->svg['width'])->toBeLessThanOrEqual($paper->width() - 6 + 0.1)
                ->and(fmod($bottom, $paper->height()))->toBeLessThanOrEqual($paper->height() - 6 + 0.1);
            $rung->registerXPathNamespace('s', 'http://www.w3.org/2000/svg');
            $sizes = array_map(static fn ($t): float => (float) $t['font-size'], $rung->g->svg->xpath('.//*[local-name()="text"]') ?: []);
            // a point is 25.4/72 mm
            expect(min($sizes) * $scale * 72 / 25.4)->toBeGreaterThan(8.0);
        }
    }
})->with(fn (): array => Unit::everyShipped());
