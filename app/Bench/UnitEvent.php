<?php

declare(strict_types=1);

namespace App\Bench;

use App\Calls\LoggedEvent;

/**
 * Something noted of a unit outside of any call.
 *
 * @property int $unit_id
 */
class UnitEvent extends LoggedEvent
{
    protected $fillable = ['id', 'unit_id', 'user_id', 'type', 'data', 'sent', 'noted_at', 'stored_at'];
}
