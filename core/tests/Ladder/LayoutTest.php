<?php

declare(strict_types=1);

use Levin\Core\Ladder\Drawing;
use Levin\Core\Ladder\DrawnSymbol;
use Levin\Core\Ladder\DrawnText;
use Levin\Core\Ladder\Layout;
use Levin\Core\Ladder\Svg;
use Levin\Core\Ladder\TextRole;
use Levin\Core\Parts\SymbolShape;
use Levin\Core\Tests\Support\RandomCircuit;
use Levin\Core\Tests\Support\Unit;

/** @return list<array{string, array{float, float, float, float}}> what takes room: left, top, right, bottom */
function roomsOf(Drawing $drawing): array
{
    $rooms = [];
    foreach ($drawing->texts as $text) {
        $half = $text->width() / 2;
        $rooms[] = ["text $text->text", [$text->x - $half, $text->y - $text->size * 0.75, $text->x + $half, $text->y + 3]];
    }

    return $rooms;
}

/** @return list<array{float, float, float, float}> straight pieces of everything that is drawn as a line */
function linesOf(Drawing $drawing): array
{
    $lines = [];
    foreach ($drawing->conductors as $conductor) {
        foreach (array_slice($conductor->path, 1) as $n => [$x, $y]) {
            [$fromX, $fromY] = $conductor->path[$n];
            $lines[] = [min($fromX, $x), min($fromY, $y), max($fromX, $x), max($fromY, $y)];
        }
    }
    foreach ($drawing->rails as $rail) {
        $lines[] = [$rail->x, $rail->y1, $rail->x, $rail->y2];
    }

    return $lines;
}

/**
 * @param  array{float, float, float, float}  $a
 * @param  array{float, float, float, float}  $b
 */
function meet(array $a, array $b): bool
{
    return $a[0] < $b[2] && $b[0] < $a[2] && $a[1] < $b[3] && $b[1] < $a[3];
}

function expectClear(Drawing $drawing): void
{
    $texts = roomsOf($drawing);
    $lines = linesOf($drawing);
    foreach ($texts as $n => [$name, $room]) {
        expect($room[0])->toBeGreaterThanOrEqual(-0.01, $name)->and($room[2])->toBeLessThanOrEqual($drawing->width, $name)
            ->and($room[1])->toBeGreaterThanOrEqual(-0.01, $name)->and($room[3])->toBeLessThanOrEqual($drawing->height, $name);
        foreach (array_slice($texts, $n + 1) as [$other, $its]) {
            expect(meet($room, $its))->toBeFalse("$name lies over $other");
        }
        foreach ($lines as $line) {
            expect(meet($room, [$line[0] - 0.5, $line[1] - 0.5, $line[2] + 0.5, $line[3] + 0.5]))->toBeFalse(
                "$name lies on a line at $line[0] $line[1] to $line[2] $line[3]",
            );
        }
        foreach ($drawing->symbols as $symbol) {
            $body = [$symbol->x - 16, $symbol->y - 16, $symbol->x + 16, $symbol->y + 16];
            expect(meet($room, $body))->toBeFalse("$name lies over $symbol->part");
        }
    }
}

it('draws every wire once, every point, and every part that does something', function (string $id): void {
    $model = Unit::shipped($id)->model();
    $drawing = Layout::of($model);
    $wires = array_values(array_filter(array_column($drawing->conductors, 'wire')));
    $own = array_filter($drawing->points, static fn ($p): bool => ! $p->flag);
    // a spare terminal with nothing on it is not drawn
    $wired = array_merge(...array_map(static fn ($w): array => [$w->from, $w->to], array_values($model->circuit->wires)));
    $silent = array_filter($model->parts, static fn ($kind): bool => $kind->symbols() === []);
    expect($wires)->toEqualCanonicalizing(array_map(strval(...), array_keys($model->circuit->wires)))
        ->and(array_values(array_diff($wired, array_column($own, 'point'))))->toBe([])
        ->and(array_values(array_diff(array_keys($model->parts), array_column($drawing->symbols, 'part'), array_keys($silent))))->toBe([]);
})->with(Unit::everyShipped());

it('writes no text over another, over a line or over a symbol', function (string $id): void {
    $layout = new Layout(Unit::shipped($id)->model());
    expectClear($layout->whole());
    foreach ($layout->closeups() as $closeup) {
        expectClear($closeup->drawing);
    }
})->with(Unit::everyShipped());

it('does so for circuits that nobody has seen', function (int $seed): void {
    expectClear(Layout::of(Unit::fromText(RandomCircuit::yaml($seed, 12))->model()));
})->with(range(1, 12));

it('keeps lines of different points apart: none runs along another or through a point that is not its own', function (string $id): void {
    $drawing = Layout::of(Unit::shipped($id)->model());
    foreach ($drawing->conductors as $conductor) {
        foreach (array_slice($conductor->path, 1) as $n => [$x2, $y2]) {
            [$x1, $y1] = $conductor->path[$n];
            foreach ($drawing->points as $point) {
                $isOn = $point->x > min($x1, $x2) - 2 && $point->x < max($x1, $x2) + 2
                    && $point->y > min($y1, $y2) - 2 && $point->y < max($y1, $y2) + 2;
                expect($isOn && ! in_array($point->point, [$conductor->from, $conductor->to], true))->toBeFalse(
                    "{$conductor->from} to {$conductor->to} runs through {$point->point}",
                );
            }
        }
    }
})->with(Unit::everyShipped());

it('joins each conductor to its points, to their rails, or to what names them', function (string $id): void {
    $drawing = Layout::of(Unit::shipped($id)->model());
    $places = [];
    foreach ($drawing->points as $p) {
        $places[$p->point][] = [$p->x, $p->y];
    }
    foreach ($drawing->conductors as $c) {
        foreach ($c->wire === '' ? [] : [[$c->from, $c->path[0]], [$c->to, $c->path[count($c->path) - 1]]] as [$point, $end]) {
            $onRail = array_filter($drawing->rails, static fn ($r): bool => $r->point === $point && $r->x === $end[0]
                && $end[1] >= $r->y1 && $end[1] <= $r->y2);
            expect($onRail !== [] || in_array($end, $places[$point], true))->toBeTrue("$c->wire does not come to $point");
        }
    }
})->with(Unit::everyShipped());

it('draws three poles of one device one under the other, and their motor with its three '
    .'lines', function (string $part, string $load): void {
        // the way three-phase power diagrams are drawn: common practice, no published source
        $drawing = Layout::of(Unit::shipped('rooftop-460')->model());
        $poles = array_values(array_filter(
            $drawing->symbols,
            static fn (DrawnSymbol $s): bool => $s->part === $part && str_starts_with($s->ends[0], "$part.L"),
        ));
        $motor = array_values(array_filter($drawing->symbols, static fn (DrawnSymbol $s): bool => $s->part === $load))[0];
        expect($poles)->toHaveCount(3)
            ->and(array_unique(array_column($poles, 'x')))->toHaveCount(1)
            ->and($poles[2]->y - $poles[0]->y)->toBeLessThan(300.0)
            ->and($motor->shape)->toBe(SymbolShape::ThreePhaseMotor)->and($motor->ends)->toBe(["$load.T1", "$load.T2", "$load.T3"])
            ->and($motor->y)->toBe($poles[1]->y);
    })->with([['CC1', 'COMP1'], ['CC2', 'COMP2'], ['BC', 'IBM']]);

it('draws three elements in delta between the three lines of their contactor', function (): void {
    $drawing = Layout::of(Unit::shipped('rooftop-460')->model());
    $ends = [];
    foreach ($drawing->conductors as $c) {
        $ends[$c->wire] = [$c->from, $c->to];
    }
    expect($ends['w75'])->toEqualCanonicalizing(['HC1.T1', 'HE1A.1'])->and($ends['w78'])->toEqualCanonicalizing(['HC1.T3', 'HE1B.2'])
        ->and(array_filter($drawing->points, static fn ($p): bool => $p->flag && str_starts_with($p->point, 'HC1.')))->toBe([]);
});

it('says at a contact which rung its coil is on, and at a coil which rungs its contacts', function (string $id): void {
    $drawing = Layout::of(Unit::shipped($id)->model());
    $number = static function (float $y) use ($drawing): string {
        $isBeside = static fn (DrawnText $t): bool => $t->role === TextRole::Number && abs($t->y - 5 - $y) < 1;
        $numbers = array_filter($drawing->texts, $isBeside);

        return array_values($numbers)[0]->text;
    };
    $written = static fn (string $part, float $x, float $y): string => implode(' ', array_column(array_filter(
        $drawing->texts,
        static fn (DrawnText $t): bool => $t->of === $part && $t->role === TextRole::Reference && $t->x === $x && abs($t->y - $y - 35) < 35,
    ), 'text'));
    $coils = array_filter($drawing->symbols, static fn (DrawnSymbol $s): bool => $s->shape === SymbolShape::Coil);
    expect($coils)->not->toBe([]);
    foreach ($coils as $coil) {
        foreach ($drawing->symbols as $contact) {
            if ($contact->part === $coil->part && $contact->shape === SymbolShape::Contact && $contact->y !== $coil->y) {
                expect($written($contact->part, $contact->x, $contact->y))->toBe('coil '.$number($coil->y))
                    ->and($written($coil->part, $coil->x, $coil->y))->toStartWith('contacts ');
            }
        }
    }
})->with(['split-cooling', 'heat-pump', 'rooftop-460', 'two-circuit-fan-cycling']);

it('draws the same again', function (string $id): void {
    $model = Unit::shipped($id)->model();
    expect(Layout::of($model))->toEqual(Layout::of($model));
})->with(Unit::everyShipped());

it('changes only the rung that a switch is put into', function (): void {
    $before = Unit::shipped('rooftop-460');
    $text = (string) file_get_contents(dirname(__DIR__, 3).'/circuits/rooftop-460.yaml');
    $after = Unit::fromText(strtr($text, [
        '  w52: { from: HP2.2, to: LP2.1, colour: pink, gauge: 18, length: 0.5 }' => '  w52: { from: HP2.2, to: FDX.1, colour: pink,'
            ." gauge: 18, length: 0.5 }\n  w52b: { from: FDX.2, to: LP2.1, colour: pink, gauge: 18, length: 0.5 }",
        '  LP2: { kind' => '  FDX: { kind: fuse, label: Fuse more, place: control, plate: { amps: 3 } }'."\n".'  LP2: { kind',
    ]));
    $order = static fn (Unit $unit): array => array_column(Layout::of($unit->model())->symbols, 'id');
    [$old, $new] = [$order($before), $order($after)];
    expect(array_values(array_diff($new, $old)))->toBe(['FDX 1 2'])->and(array_values(array_diff($new, ['FDX 1 2'])))->toBe($old);
});

it('draws what is wired to nothing, too', function (): void {
    $text = (string) file_get_contents(dirname(__DIR__, 3).'/circuits/split-cooling.yaml');
    $unit = Unit::fromText(strtr($text, ['  HP: { kind' => <<<'YAML'
          LONE: { kind: fuse, label: Fuse in a box, place: outdoor, plate: { amps: 3 } }
          LONE2: { kind: fuse, label: Another, place: outdoor, plate: { amps: 3 } }
          HP: { kind
        YAML, "\nwires:\n" => "\nwires:\n  w900: { from: LONE.2, to: LONE2.1, colour: grey, gauge: 18, length: 1 }\n"
        ."  w901: { from: LONE2.2, to: LONE.1, colour: grey, gauge: 18, length: 1 }\n"]));
    $drawing = Layout::of($unit->model());
    expect(array_column($drawing->conductors, 'wire'))->toContain('w900')->toContain('w901')
        ->and(array_column($drawing->symbols, 'part'))->toContain('LONE')->toContain('LONE2')
        ->and(array_column($drawing->texts, 'text'))->toContain('Not joined to what is drawn above');
    expectClear($drawing);
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
