<?php

namespace App\Models;

enum Role: string
{
    case Technician = 'technician';
    case Lead = 'lead';
}
