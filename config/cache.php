<?php

declare(strict_types=1);

// what suspects go through is worked out once for a circuit and a build of the core, whichever database is served
$outlooks = env('LEVIN_OUTLOOKS', storage_path('framework/cache/outlooks'));

return [
    'stores' => [
        'outlooks' => ['driver' => 'file', 'path' => $outlooks, 'lock_path' => $outlooks],
    ],
];
