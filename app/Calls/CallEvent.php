<?php

declare(strict_types=1);

namespace App\Calls;

/**
 * One line of a call's log.
 *
 * @property int $call_id
 * @property int $sequence
 */
class CallEvent extends LoggedEvent
{
    protected $fillable = ['id', 'call_id', 'sequence', 'user_id', 'type', 'data', 'sent', 'noted_at', 'stored_at'];
}
