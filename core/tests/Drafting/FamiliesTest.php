<?php

declare(strict_types=1);

use Levin\Core\Circuit\Conditions;
use Levin\Core\Drafting\Draft;
use Levin\Core\Drafting\Edits;
use Levin\Core\Drafting\Families\Families;
use Levin\Core\Drafting\Families\Family;
use Levin\Core\Drafting\Review;
use Levin\Core\File\InvalidCircuit;
use Levin\Core\Operation\Film;
use Levin\Core\Operation\Model;
use Levin\Core\Operation\Settler;
use Levin\Core\Parts\Faults;

function familyDraft(Family $family): Draft
{
    return Draft::of((string) file_get_contents(__DIR__."/../../../circuits/$family->from.yaml"));
}

/**
 * What runs, opens and pulls in on each call by itself, in the time that a healthy unit needs.
 *
 * @return array<string, list<string>> parts that do something, by call
 */
function worksOn(Model $model): array
{
    $circuit = $model->circuit;
    $calls = array_keys(array_filter($circuit->conditions, static fn ($c): bool => $c->call));
    $works = [];
    foreach ($calls as $call) {
        $now = Conditions::healthyDefaults($circuit);
        foreach ($calls as $other) {
            $now = $now->with($other, $other === $call);
        }
        $does = [];
        foreach (Film::of(Settler::of($model), $now, Faults::none()) as $frame) {
            foreach ($frame->steps as $step) {
                $isWork = in_array($step->does, ['runs', 'open', 'pulled in', 'hot'], true);
                $does = $isWork ? [...$does, $step->part] : $does;
            }
        }
        $works[$call] = array_values(array_unique($does));
        sort($works[$call]);
    }

    return $works;
}

/** @return array<string, array{string, array<int, int>}> every answer by itself, and some of them together */
function everyAnswer(): array
{
    $random = new Random\Randomizer(new Random\Engine\Xoshiro256StarStar(13));
    $all = [];
    foreach (Families::all() as $family) {
        $all["$family->id as it is"] = [$family->id, []];
        foreach ($family->questions as $n => $question) {
            foreach (array_slice($question->answers, 1) as $m => $answer) {
                $all["$family->id: $question->ask $answer->say"] = [$family->id, [$n => $m + 1]];
            }
        }
        for ($k = 1; $k <= 4; $k++) {
            $all["$family->id, mixture $k"] = [$family->id, array_map(
                static fn ($q): int => $random->getInt(0, count($q->answers) - 1),
                $family->questions,
            )];
        }
    }

    return $all;
}

it('makes a sound unit of any answers, that does the same work on every call', function (string $id, array $answers): void {
    $family = Families::all()[$id];
    $draft = array_reduce(
        $family->edits($answers),
        static fn (Draft $d, string $edit): Draft => Edits::said($edit)->on($d),
        familyDraft($family),
    );
    $review = Review::of($draft);
    expect(array_map(strval(...), $review->wrong))->toBe([]);
    $was = worksOn(new Model(familyDraft($family)->circuit()));
    $is = worksOn($review->model ?? throw new LogicException('It cannot be drawn.'));
    foreach ($was as $call => $parts) {
        // what the answers took out or renamed cannot work any more; all the rest does, on the same call
        $still = array_values(array_intersect($parts, array_keys($draft->parts())));
        expect(array_values(array_intersect($is[$call] ?? [], $still)))->toBe($still, $call);
    }
})->with(fn (): array => everyAnswer());

it('asks nothing twice, and answers it by what the circuit is', function (): void {
    foreach (Families::all() as $family) {
        $asked = array_map(static fn ($q): string => $q->ask, $family->questions);
        expect(array_unique($asked))->toBe($asked)->and(count($asked))->toBeGreaterThan(2);
        foreach ($family->questions as $question) {
            expect($question->answers[0]->edits)->toBe([]);
        }
    }
    expect(fn () => Families::read("family: x\n", 'x.yaml'))->toThrow(InvalidCircuit::class, 'It lacks');
});
