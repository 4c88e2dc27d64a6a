<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Quick;

use Levin\Core\Drafting\DraftingException;

/** A rung that was said cannot be traced. */
final class CannotTrace extends DraftingException
{
    public static function nothing(): self
    {
        return new self('There is nothing on this rung yet. Say what lies on it in order, such as R TST HP LP CC C.');
    }

    public static function noLoad(string $last): self
    {
        return new self(
            "The rung ends on $last, which is no load. End it on what should run: a contactor coil, a valve, a motor, a heater.",
        );
    }

    /** @param  list<float>  $known */
    public static function volts(float $volts, array $known): self
    {
        return new self("$volts V is no usual voltage for it. Take one of: ".implode(', ', $known).' V.');
    }
}
