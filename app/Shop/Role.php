<?php

declare(strict_types=1);

namespace App\Shop;

enum Role: string
{
    case Technician = 'technician';
    case Lead = 'lead';
}
