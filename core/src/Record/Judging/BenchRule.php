<?php

declare(strict_types=1);

namespace Levin\Core\Record\Judging;

use Levin\Core\Record\Event;

/**
 * One way in which a check of the bench judges what a call has read. One class here is one way; adding a file adds it.
 *
 * A rule says nothing of what still hangs on the circuit, nor of what the log does not say for sure: that is the diagnosis's to weigh.
 */
interface BenchRule
{
    /**
     * What a reading, or a quantity that was measured, comes to for a check, with those before it; null where it is not for this one, or
     * not enough yet.
     */
    public function taken(Event $reading, SoFar $so): ?Taken;
}
