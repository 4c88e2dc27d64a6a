<?php

declare(strict_types=1);

$build = __DIR__.'/../.levin/core';

return [
    // the one shop this installation serves
    'shop' => env('LEVIN_SHOP', 'Tern Sound Mechanical'),

    // where the shop is
    'timezone' => env('LEVIN_TIMEZONE', 'America/New_York'),

    // what the shop prints on: letter, a4
    'paper' => env('LEVIN_PAPER', 'letter'),

    // where the shipped circuit files are
    'circuits' => base_path('circuits'),

    // whether processes stay with the circuits that calls are on, with what has been worked out of them at hand
    'desks' => filter_var(env('LEVIN_DESKS', true), FILTER_VALIDATE_BOOL),

    // whether they go ahead while nobody asks, which takes a core for as long as half a minute after each reading
    'ahead' => filter_var(env('LEVIN_AHEAD', true), FILTER_VALIDATE_BOOL),

    // bin/setup writes it: the same as long as the core, and what keeps its work, are the same
    'build' => is_file($build) ? trim((string) file_get_contents($build)) : 'none',
];
