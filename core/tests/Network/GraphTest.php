<?php

declare(strict_types=1);

use Levin\Core\Network\Graph;

function roads(): Graph
{
    $graph = new Graph;
    foreach ([['a', 'b', 'ab'], ['b', 'c', 'bc'], ['c', 'd', 'cd'], ['b', 'd', 'bd'], ['x', 'y', 'xy']] as [$p, $q, $edge]) {
        $graph->join($p, $q, $edge);
    }

    return $graph;
}

it('reaches what is joined and nothing else', function (): void {
    expect(array_keys(roads()->reached(['a'])))->toEqualCanonicalizing(['a', 'b', 'c', 'd'])
        ->and(array_keys(roads()->reached(['a', 'y'])))->toEqualCanonicalizing(['a', 'b', 'c', 'd', 'x', 'y'])
        ->and(array_keys(roads()->reached(['alone'])))->toBe(['alone']);
});

it('falls into pieces, counted from the first', function (): void {
    expect(roads()->islands(['x', 'a', 'b', 'd', 'y', 'z']))->toMatchArray(
        ['x' => 0, 'y' => 0, 'a' => 1, 'b' => 1, 'c' => 1, 'd' => 1, 'z' => 2],
    );
});

it('takes the shortest way, and among equals the one joined first', function (): void {
    expect(roads()->path('a', ['d' => true]))->toBe(['ab', 'bd'])
        ->and(roads()->path('b', ['c' => true, 'd' => true]))->toBe(['bc'])
        ->and(roads()->path('a', ['x' => true]))->toBe([]);
});

it('goes through nothing forbidden, but may end there', function (): void {
    expect(roads()->path('a', ['d' => true], ['b' => true]))->toBe([])
        ->and(roads()->path('a', ['b' => true], ['b' => true]))->toBe(['ab']);
});

it('forgets an edge that is cut', function (): void {
    $graph = roads();
    $graph->cut('bd');
    expect($graph->path('a', ['d' => true]))->toBe(['ab', 'bc', 'cd']);
    $graph->cut('ab');
    expect($graph->path('a', ['d' => true]))->toBe([])->and(array_keys($graph->reached(['a'])))->toBe(['a']);
});

it('keeps two edges between the same ends apart, and takes numbers for names', function (): void {
    $graph = new Graph;
    $graph->join(-1, 4, 0);
    $graph->join(-1, 4, 1);
    $graph->cut(0);
    expect($graph->reached([-1]))->toBe([-1 => true, 4 => true])->and($graph->path(4, [-1 => true]))->toBe([1]);
});
