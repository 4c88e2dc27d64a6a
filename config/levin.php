<?php

return [
    // the one shop this installation serves
    'shop' => env('LEVIN_SHOP', 'Tern Sound Mechanical'),

    // where the shipped circuit files are
    'circuits' => base_path('circuits'),
];
