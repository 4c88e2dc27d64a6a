<?php

declare(strict_types=1);

$build = __DIR__.'/../.levin/core';

return [
    // the one shop this installation serves
    'shop' => env('LEVIN_SHOP', 'Tern Sound Mechanical'),

    // where the shop is, and for how many days after a visit it stands by what it did
    'timezone' => env('LEVIN_TIMEZONE', 'America/New_York'),
    'guarantee_days' => (int) env('LEVIN_GUARANTEE_DAYS', 90),

    // what the shop prints on: letter, a4
    'paper' => env('LEVIN_PAPER', 'letter'),

    // where the shipped circuit files are
    'circuits' => base_path('circuits'),

    // bin/setup writes it: the same as long as the core is the same
    'build' => is_file($build) ? trim((string) file_get_contents($build)) : 'none',
];
