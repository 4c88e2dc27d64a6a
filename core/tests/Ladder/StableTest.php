<?php

declare(strict_types=1);

// A drawing that is looked at again after an edit: what was not edited is found where it was.

use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edits;
use Levin\Core\Drafting\Edits\Rename;
use Levin\Core\Drafting\Edits\SetPlate;
use Levin\Core\Ladder\Layout;
use Levin\Core\Operation\Model;
use Levin\Core\Tests\Support\Unit;

/** @return array<string, array{float, float}> across and down, by symbol */
function spots(Draft $draft): array
{
    $spots = [];
    foreach (Layout::of(new Model($draft->circuit()))->symbols as $symbol) {
        $spots[$symbol->id] = [$symbol->x, $symbol->y];
    }

    return $spots;
}

/**
 * @param  array<string, array{float, float}>  $spots
 * @return list<string> symbols in the order in which they are read
 */
function inOrder(array $spots): array
{
    uasort($spots, static fn (array $a, array $b): int => [$a[1], $a[0]] <=> [$b[1], $b[0]]);

    return array_keys($spots);
}

it('draws what was renamed, to as many letters, where it was', function (string $id): void {
    $draft = Draft::of((string) file_get_contents(dirname(Unit::COOLING)."/$id.yaml"));
    $part = array_keys($draft->parts())[5];
    expect(array_values(spots((new Rename($part, str_repeat('Q', strlen($part))))->on($draft))))->toBe(array_values(spots($draft)));
})->with(fn (): array => Unit::everyShipped());

it('keeps the order of what was not edited when a part is put in series, and most of it in its column', function (string $id): void {
    $draft = Draft::of((string) file_get_contents(dirname(Unit::COOLING)."/$id.yaml"));
    $was = spots($draft);
    $random = new Random\Randomizer(new Random\Engine\Xoshiro256StarStar(3));
    $moved = $crossed = $all = 0;
    foreach ((array) $random->pickArrayKeys($draft->wires(), 12) as $wire) {
        $with = Edits::said("insert $wire XFU fuse \"One more fuse\"")->on($draft);
        $is = array_intersect_key(spots((new SetPlate('XFU', 'amps', 30.0))->on($with)), $was);
        $place = array_flip(inOrder($is));
        $read = inOrder(array_intersect_key($was, $is));
        foreach ($read as $n => $symbol) {
            $all++;
            $moved += abs($is[$symbol][0] - $was[$symbol][0]) > 1 ? 1 : 0;
            $crossed += isset($read[$n + 1]) && $place[$symbol] > $place[$read[$n + 1]] ? 1 : 0;
        }
    }
    expect($crossed)->toBeLessThanOrEqual($all / 100)->and($moved)->toBeLessThan($all / 2);
})->with(fn (): array => Unit::everyShipped());
