<?php

declare(strict_types=1);

use Levin\Core\Tests\Support\Unit;
use Levin\Core\Trial\Dice;
use Levin\Core\Trial\Ending;
use Levin\Core\Trial\Notebook;
use Levin\Core\Trial\Outcome;
use Levin\Core\Trial\Sort;
use Levin\Core\Trial\Truth;

// Trials of hours are played in several sittings: what has been played is not played again, and nothing else is taken for it.

function truthOf(string $fault): Truth
{
    return new Truth(Sort::Single, Unit::cooling()->model()->faults->parseAll([$fault]), 2.0);
}

function ended(Truth $truth, ?float $named = 0.5): Outcome
{
    return new Outcome($truth, Ending::Wrong, ['CC:coil-open'], 'Contactor: coil open · "quoted"', 0.97, 7, 12.5, 3, ['fed into a short'],
        4.25, $named, false, ['Volts: µ → Ω'], [0.125, 0.5]);
}

it('has an outcome back as it was', function (?float $named): void {
    $truth = truthOf('HP:open');
    $line = Notebook::read('', 'a')->line(ended($truth, $named));
    expect($line)->toEndWith("\n")->and(substr_count($line, "\n"))->toBe(1)
        ->and(Notebook::read($line, 'a')->outcome($truth))->toEqual(ended($truth, $named));
})->with([null, 0.0, 0.5]);

it('knows nothing of what was played otherwise, nor of another truth', function (): void {
    $line = Notebook::read('', 'circuit, seed 1')->line(ended(truthOf('HP:open')));
    expect(Notebook::read($line, 'circuit, seed 2')->outcome(truthOf('HP:open')))->toBeNull()
        ->and(Notebook::read($line, 'circuit, seed 1')->outcome(truthOf('CC:coil-open')))->toBeNull();
});

it('plays again what was cut off halfway, and reads what stands about it', function (): void {
    $of = Notebook::read('', 'a');
    [$one, $other] = [truthOf('HP:open'), truthOf('CC:coil-open')];
    $text = "not json\n[1, 2]\n".$of->line(ended($one)).substr($of->line(ended($other)), 0, -20);
    $read = Notebook::read($text, 'a');
    expect($read->outcome($one))->not->toBeNull()->and($read->outcome($other))->toBeNull();
});

it('throws dice that come out the same again, evenly and normally', function (): void {
    // mean and spread of an even and of a normal distribution (statistics, textbook), within three standard errors of 4000 throws
    $many = static function (callable $throw): array {
        $all = array_map(static fn (): float => $throw(), range(1, 4000));
        $mean = array_sum($all) / 4000;

        return [$mean, sqrt(array_sum(array_map(static fn (float $x): float => ($x - $mean) ** 2, $all)) / 4000)];
    };
    $dice = new Dice(5);
    [$mean, $spread] = $many(static fn (): float => $dice->between(2.0, 4.0));
    expect($mean)->toEqualWithDelta(3.0, 0.03)->and($spread)->toEqualWithDelta(2 / sqrt(12), 0.02);
    [$mean, $spread] = $many($dice->normal(...));
    expect($mean)->toEqualWithDelta(0.0, 0.05)->and($spread)->toEqualWithDelta(1.0, 0.04);
    [$mean] = $many(static fn (): float => $dice->chance(0.2) ? 1.0 : 0.0);
    expect($mean)->toEqualWithDelta(0.2, 0.02)->and((new Dice(9))->between(0, 1))->toBe((new Dice(9))->between(0, 1));
});

it('takes some of a list in its order, and no more than there are', function (int $many): void {
    $all = range(1, 10);
    $some = (new Dice(4))->some($all, $many);
    $sorted = $some;
    sort($sorted);
    expect($some)->toBe($sorted)->and(count($some))->toBe(max(0, min(10, $many)))->and(array_diff($some, $all))->toBe([]);
})->with([-1, 0, 1, 4, 10, 99]);
