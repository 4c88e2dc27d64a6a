<?php

declare(strict_types=1);

use App\Shop\User;

return [
    'providers' => ['users' => ['driver' => 'eloquent', 'model' => User::class]],
];
