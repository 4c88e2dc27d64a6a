<?php

declare(strict_types=1);

namespace App\Shop;

use Illuminate\Support\Facades\Config;

/** Where the shop is: its days are that place's. */
final class ShopZone
{
    public static function here(): \DateTimeZone
    {
        return new \DateTimeZone(Config::string('levin.timezone'));
    }
}
