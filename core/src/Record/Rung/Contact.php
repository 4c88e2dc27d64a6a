<?php

declare(strict_types=1);

namespace Levin\Core\Record\Rung;

/** The contacts of a call's rung, in series, from its left rail to the coil that closes it. */
enum Contact: string
{
    case Seen = 'seen';
    case Found = 'found';
    case Cause = 'cause';
    case Repaired = 'repaired';
    case Restored = 'restored';
    case Verified = 'verified';
    case Told = 'told';

    /** Where on the screen what it asks for is done. */
    public function stop(): Stop
    {
        return match ($this) {
            self::Seen => Stop::Arrive,
            self::Found => Stop::Trace,
            self::Cause => Stop::Cause,
            self::Repaired, self::Restored => Stop::Repair,
            self::Verified => Stop::Verify,
            self::Told => Stop::HandOver,
        };
    }
}
