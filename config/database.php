<?php

declare(strict_types=1);

return [
    'default' => 'sqlite',

    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', database_path('levin.sqlite')),
            'prefix' => '',
            'foreign_key_constraints' => true,
            'busy_timeout' => 10000,
            'journal_mode' => 'WAL',
            // what has been acknowledged survives a power cut
            'synchronous' => 'FULL',
            // without it REPLACE deletes rows past the triggers that keep the log append-only
            'pragmas' => ['recursive_triggers' => 'ON'],
        ],
    ],

    'migrations' => ['table' => 'migrations'],
];
